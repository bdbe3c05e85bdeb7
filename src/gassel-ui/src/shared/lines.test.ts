import { describe, expect, it } from "vitest";
import { filled, isTable, pasted } from "./lines";

const EMPTY = { species: "", seeds: "" };

const line = (species: string) => ({ ...EMPTY, species });

describe("lines of cells", () => {
  it("takes a paste where the hand is and keeps an empty line at its end", () => {
    const grid = pasted([line("a"), line("b"), EMPTY], 1, [line("c"), line("d")], EMPTY);
    expect(grid.map((l) => l.species)).toEqual(["a", "c", "d", ""]);
  });
  it("asks only about lines that say something", () => {
    expect(filled([EMPTY, line("a"), EMPTY])).toEqual([{ line: line("a"), at: 1 }]);
  });
  it("knows a table from a word", () => {
    expect(isTable("small camas")).toBe(false);
    expect(isTable("small camas\n")).toBe(false);
    expect(isTable("small camas\t11\tcold-moist")).toBe(true);
  });
});
