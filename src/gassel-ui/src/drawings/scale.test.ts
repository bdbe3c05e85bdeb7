import { describe, expect, it } from "vitest";
import { linear, niceCeiling, ticks, linesFor } from "./scale";

describe("scales", () => {
  it("run straight, also downwards", () => {
    const y = linear(0, 1, 300, 0);
    expect(y(0.25)).toBe(225);
  });

  it("end on round numbers", () => {
    expect(niceCeiling(33)).toBe(35);
    expect(niceCeiling(0.84)).toBeCloseTo(1);
    expect(niceCeiling(10)).toBe(10);
  });

  it("are marked at round steps from nought to the top", () => {
    expect(ticks(40, 8)).toEqual([0, 5, 10, 15, 20, 25, 30, 35, 40]);
    expect(ticks(0.6, 4)).toEqual([0, 0.2, 0.4, 0.6]);
  });
});

describe("words in a row", () => {
  it("step down where they would run into one before", () => {
    const word = (at: number) => ({ at, width: 60 });
    expect(linesFor([0, 30, 50, 100, 120].map(word))).toEqual([0, 1, 2, 0, 1]);
    expect(linesFor([])).toEqual([]);
  });
});
