import type { BatchAccount, LongRecord } from "../../api/types";
import { percent } from "../../shared/numbers";
import type { Day } from "../../time/days";

/** `winter 2026/27`. */
export const seasonWords = (year: number): string =>
  `winter ${year}/${String((year + 1) % 100).padStart(2, "0")}`;

/** What was forecast, and whether it came true. */
export function forecastWords(b: Pick<BatchAccount, "forecast" | "within" | "fraction">): string {
  if (!b.forecast) return "none kept";
  const range = `${percent(b.forecast.low)} to ${percent(b.forecast.high)}`;
  if (b.within === null) return range;
  if (b.within) return `${range}: as forecast`;
  return `${range}: ${(b.fraction ?? 0) < b.forecast.low ? "fewer" : "more"} came up`;
}

/**
 * First and last day that a page of long-lived batches shows: from the month of the first start
 * to the end of the last year, at most three ahead.
 */
export function yearSpan(
  records: Pick<LongRecord, "startedOn" | "plantableOn">[],
  today: Day,
): [from: Day, to: Day] {
  const year = (day: Day) => Number(day.slice(0, 4));
  const first = records.reduce((a, r) => (r.startedOn < a ? r.startedOn : a), today);
  const to = Math.max(...records.map((r) => year(r.plantableOn ?? today)), year(today));
  return [`${first.slice(0, 7)}-01`, `${Math.min(to, year(today) + 3)}-12-31`];
}

/** `12.40 by the prices entered, 0.52 a plant; 55.60 saved`, or that no price is known yet. */
export function moneyWords(total: number | null, perPlant: number | null, saved: number | null): string {
  if (total === null) return "No price is entered yet";
  const each = perPlant === null ? "" : `, ${perPlant.toFixed(2)} a plant`;
  const beside =
    saved === null
      ? ""
      : saved >= 0
        ? `; ${saved.toFixed(2)} saved compared with buying`
        : `; ${(-saved).toFixed(2)} more than buying`;
  return `${total.toFixed(2)} at your prices${each}${beside}`;
}
