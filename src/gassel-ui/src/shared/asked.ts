/** What of these an address asks for; what a view does not know is left out. */
export const askedOf = <K extends string>(
  address: URLSearchParams,
  keys: readonly K[],
): Partial<Record<K, string>> =>
  Object.fromEntries(
    keys.flatMap((key) => {
      const value = address.get(key);
      return value ? [[key, value]] : [];
    }),
  ) as Partial<Record<K, string>>;

/** The address with one thing asked otherwise; empty for no longer. */
export function asking(address: URLSearchParams, key: string, value: string): URLSearchParams {
  const next = new URLSearchParams(address);
  if (value) next.set(key, value);
  else next.delete(key);
  return next;
}

/** Letters and digits of a text as words, small. */
const words = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [];

/** Every word asked for begins a word of the text. */
export function saysAll(text: string, asked: string | undefined): boolean {
  const own = words(text);
  return words(asked ?? "").every((word) => own.some((o) => o.startsWith(word)));
}
