import { describe, expect, it } from "vitest";
import type { SeasonRow, SeasonView } from "../../api/types";
import { isLate, rowHeight, shown, spanOf, WHOLE } from "./seasonFilter";

const row = (part: Partial<SeasonRow>): SeasonRow =>
  ({
    speciesId: "camas",
    place: "coldShelf",
    lateDays: 0,
    missesBy: 0,
    ribbon: [{ start: "2025-12-01", end: "2028-01-10" }],
    ...part,
  }) as SeasonRow;

describe("the season", () => {
  it("shows by place, species and what is late", () => {
    const rows = [row({}), row({ place: null }), row({ speciesId: "flax", lateDays: 3 })];
    expect(shown(rows, WHOLE)).toHaveLength(3);
    expect(shown(rows, { ...WHOLE, place: "notBegun" })).toEqual([rows[1]]);
    expect(shown(rows, { ...WHOLE, place: "coldShelf" })).toHaveLength(2);
    expect(shown(rows, { ...WHOLE, species: "flax", lateOnly: true })).toEqual([rows[2]]);
    expect(isLate(row({ missesBy: 1 }))).toBe(true);
  });
  it("reaches over two winters where it is asked for everything", () => {
    const view = {
      today: "2027-03-14",
      from: "2026-08-01",
      to: "2027-11-01",
      rows: [row({})],
    } as unknown as SeasonView;
    expect(spanOf("season", view)).toEqual(["2026-08-01", "2027-11-01"]);
    expect(spanOf("all", view)).toEqual(["2025-12-01", "2028-01-10"]);
  });
  it("keeps forty rows on a screen", () => {
    expect(rowHeight(40) * 40).toBeLessThanOrEqual(560);
    expect(rowHeight(500)).toBe(13);
    expect(rowHeight(3)).toBe(24);
  });
});
