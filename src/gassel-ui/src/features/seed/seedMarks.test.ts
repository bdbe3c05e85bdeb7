import { describe, expect, it } from "vitest";
import { seedsOf, tapped } from "./seedMarks";

const mark = (x: number, seeds = 1) => ({ x, y: 0, seeds, isOwn: false });

describe("seed marked in a photo", () => {
  it("is taken away by a tap on it, the nearest of two", () => {
    expect(tapped([mark(0), mark(12)], 8, 0, 10)).toEqual([mark(0)]);
  });
  it("is added by a tap beside all marks", () => {
    const marks = tapped([mark(0, 3)], 50, 4, 10);
    expect(seedsOf(marks)).toBe(4);
    expect(marks[1]).toEqual({ x: 50, y: 4, seeds: 1, isOwn: true });
    expect(tapped([], 1, 1, 10)).toHaveLength(1);
  });
});
