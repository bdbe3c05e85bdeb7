import type { BatchAccount, RouteSetting } from "../../api/types";
import { percent } from "../../shared/numbers";

export const SETTING_WORDS: Record<NonNullable<RouteSetting>, string> = {
  indoors: "indoors",
  winterContainer: "winter containers",
  autumnBed: "autumn beds",
};

/** `winter 2026/27`. */
export const seasonWords = (year: number): string =>
  `winter ${year}/${String((year + 1) % 100).padStart(2, "0")}`;

/** What was forecast, and whether it came so. */
export function forecastWords(b: Pick<BatchAccount, "forecast" | "within" | "fraction">): string {
  if (!b.forecast) return "none kept";
  const range = `${percent(b.forecast.low)} to ${percent(b.forecast.high)}`;
  if (b.within === null) return range;
  if (b.within) return `${range}: it came so`;
  return `${range}: it came ${(b.fraction ?? 0) < b.forecast.low ? "less" : "more"}`;
}
