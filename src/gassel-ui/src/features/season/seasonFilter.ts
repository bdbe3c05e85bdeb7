import type { PlaceKind, SeasonRow, SeasonView } from "../../api/types";
import { addDays } from "../../time/days";
import type { Day } from "../../time/days";

/** What of the season is looked at. */
export interface SeasonFilter {
  place: PlaceKind | "any" | "notBegun";
  species: string;
  lateOnly: boolean;
}

export const WHOLE: SeasonFilter = { place: "any", species: "any", lateOnly: false };

/** Whether a batch runs late: something is overdue, or it misses its target. */
export const isLate = (row: SeasonRow): boolean => row.lateDays > 0 || row.missesBy > 0;

export const shown = (rows: SeasonRow[], filter: SeasonFilter): SeasonRow[] =>
  rows.filter(
    (row) =>
      (filter.place === "any" ||
        (filter.place === "notBegun" ? row.place === null : row.place === filter.place)) &&
      (filter.species === "any" || row.speciesId === filter.species) &&
      (!filter.lateOnly || isLate(row)),
  );

export const SPANS = [
  { id: "season", words: "this season" },
  { id: "half", words: "half a year around today" },
  { id: "all", words: "everything, all winters" },
] as const;

export type Span = (typeof SPANS)[number]["id"];

/** First and last day drawn; everything reaches to the last day of any ribbon. */
export function spanOf(span: Span, view: SeasonView): [Day, Day] {
  if (span === "half") return [addDays(view.today, -60), addDays(view.today, 125)];
  if (span === "season") return [view.from, view.to];
  const starts = view.rows.flatMap((row) => row.ribbon.slice(0, 1).map((s) => s.start));
  const ends = view.rows.flatMap((row) => row.ribbon.slice(-1).map((s) => s.end));
  const from = [view.from, ...starts].reduce((a, b) => (a < b ? a : b));
  const to = [view.to, ...ends].reduce((a, b) => (a > b ? a : b));
  return [from, to];
}

/** Height of a row so that forty fit on a screen. */
export const rowHeight = (rows: number): number =>
  Math.round(Math.min(24, Math.max(13, 470 / Math.max(1, rows))));
