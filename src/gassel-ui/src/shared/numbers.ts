export interface NumberLimits {
  min: number;
  max: number;
  whole: boolean;
}

/** `−40 to 100,000`: limits as they are read. */
export const rangeWords = ({ min, max }: Pick<NumberLimits, "min" | "max">): string =>
  `${min.toLocaleString("en")} to ${max.toLocaleString("en")}`.replaceAll("-", "−");

/** The number a text says, or what would be valid. An empty text is neither. */
export function readNumber(
  text: string,
  limits: NumberLimits,
): { value: number | null; fault: string | null } {
  const { min, max, whole } = limits;
  const clean = text.trim().replace("−", "-");
  if (clean === "") return { value: null, fault: null };
  const valid = `Valid is a ${whole ? "whole number" : "number"} from ${rangeWords(limits)}.`;
  const value = /^-?\d+(\.\d+)?$/.test(clean) ? Number(clean) : Number.NaN;
  if (Number.isNaN(value) || (whole && !Number.isInteger(value)) || value < min || value > max) {
    return { value: null, fault: `“${clean}” does not fit. ${valid}` };
  }
  return { value, fault: null };
}

/** Text after a step up or down, within the limits: one, or one of the last place that is written; from an empty text the least. */
export function stepped(text: string, by: 1 | -1, limits: NumberLimits): string {
  const { value } = readNumber(text, limits);
  if (value === null) return text.trim() === "" ? String(limits.min) : text;
  const places = (/\.(\d+)/.exec(text)?.[1] ?? "").length;
  const next = value + by * 10 ** -places;
  return Math.min(limits.max, Math.max(limits.min, next)).toFixed(places);
}

/** `61 %`, `7.4 %`: whole percent from ten on, one place below. */
export function percent(fraction: number): string {
  const value = fraction * 100;
  return value >= 9.95 || value === 0 ? `${Math.round(value)} %` : `${value.toFixed(1)} %`;
}

/** A time in days to one place, as it is read aloud. */
export const inDays = (days: number): string => `${days.toFixed(1)} days`;

/** Singular or plural with its number. */
export const several = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
