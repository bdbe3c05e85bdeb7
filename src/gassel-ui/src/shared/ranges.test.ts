import { describe, expect, it } from "vitest";
import { readRanges, writeRanges } from "./ranges";

describe("ranges of numbers", () => {
  it("draws neighbours together and comes back the same", () => {
    expect(writeRanges([7, 3, 1, 2, 2])).toBe("1-3,7");
    expect(readRanges("1-3,7")).toEqual([1, 2, 3, 7]);
    expect(readRanges(writeRanges([40, 41, 5]))).toEqual([5, 40, 41]);
    expect(writeRanges([])).toBe("");
  });
  it("leaves out what is none", () => {
    expect(readRanges("x, 4,5-,9-8, 1-999999999")).toEqual([4]);
    expect(readRanges("")).toEqual([]);
  });
});
