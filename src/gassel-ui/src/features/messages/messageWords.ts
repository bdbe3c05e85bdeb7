import type { MessageWish } from "../../api/types";

/** `6:00` as the server takes it; null where nothing was typed. What is no time is sent as typed and refused by name. */
export function timeOf(text: string): string | null {
  const clean = text.trim();
  if (clean === "") return null;
  const found = /^(\d{1,2})[:.](\d{2})$/.exec(clean);
  return found ? `${(found[1] ?? "").padStart(2, "0")}:${found[2] ?? ""}:00` : clean;
}

/** What somebody is told, in words. */
export function wishWords(wish: MessageWish): string {
  const parts = [
    wish.alarms ? "alarms" : "",
    wish.morningAt ? `morning list at ${wish.morningAt.slice(0, 5)}` : "",
    wish.quietFrom && wish.quietTo
      ? `quiet from ${wish.quietFrom.slice(0, 5)} to ${wish.quietTo.slice(0, 5)}`
      : "",
  ];
  return parts.filter((part) => part !== "").join(", ");
}
