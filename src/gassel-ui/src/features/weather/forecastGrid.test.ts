import { describe, expect, it } from "vitest";
import type { ForecastLine } from "../../api/types";
import { COLUMNS, daysToTell, faultOf, gridOf, pasted } from "./forecastGrid";

const line = (date: string, lowC: number | null = null): ForecastLine => ({
  date,
  lowC,
  highC: null,
  gustKmh: null,
  rainMm: null,
  snowCm: null,
  source: null,
  by: null,
  toldAt: null,
});

describe("a forecast typed in", () => {
  const lines = [line("2027-03-14"), line("2027-03-15", -4), line("2027-03-16")];
  const before = gridOf(lines, "unitedStates");

  it("shows what was told in the units of the site", () => expect(before[1]?.[0]).toBe("24.8"));

  it("tells the days that changed and no others, metric", () => {
    const grid = before.map((row) => [...row]);
    grid[2] = ["23", "41", "", "", ""];
    expect(daysToTell(grid, before, lines, "unitedStates")).toEqual([
      { date: "2027-03-16", lowC: -5, highC: 5 },
    ]);
  });

  it("leaves a cell that was not touched as it was told", () => {
    const grid = before.map((row) => [...row]);
    grid[1] = ["24.8", "41", "", "", ""];
    expect(daysToTell(grid, before, lines, "unitedStates")).toEqual([{ date: "2027-03-15", highC: 5 }]);
  });

  it("takes a block of a table from the cell on, with or without signs", () => {
    const grid = pasted(before, 1, 0, "-3\t5\n−6 °C\t2\n");
    expect(grid.map((row) => row.slice(0, 2))).toEqual([
      ["", ""],
      ["-3", "5"],
      ["-6", "2"],
    ]);
  });

  it("refuses what is no temperature and says what would be", () => {
    const [low] = COLUMNS;
    expect(low && faultOf("warm", low, "metric")).toContain("from −60 to 60");
    expect(low && faultOf("-12.5", low, "metric")).toBeNull();
  });
});
