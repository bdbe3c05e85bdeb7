import { describe, expect, it } from "vitest";
import { cellsMismatch, cellWords, firstCells, neighbour, toggled, usualColumns } from "./cells";

describe("cells of a tray", () => {
  it("ask where seed, cells and seeds to a cell do not fit", () => {
    expect(cellsMismatch(60, 2, 36)).toContain("60 seeds fill 30 of 36 cells");
    expect(cellsMismatch(80, 2, 36)).toContain("hold 72 seeds, but 80 are sown");
    expect(cellsMismatch(72, 2, 36)).toBeNull();
    expect(cellsMismatch(71, 2, 36)).toBeNull();
    expect(cellsMismatch(60, null, 36)).toBeNull();
  });

  it("are told in runs", () => {
    expect(cellWords([1, 2, 3, 7, 9, 10])).toBe("1–3, 7, 9–10");
    expect(cellWords([])).toBe("");
  });

  it("are walked with arrows and never left", () => {
    const grid = { columns: 12, cells: 72 };
    expect(neighbour(1, "ArrowRight", grid)).toBe(2);
    expect(neighbour(1, "ArrowLeft", grid)).toBe(1);
    expect(neighbour(1, "ArrowDown", grid)).toBe(13);
    expect(neighbour(70, "ArrowDown", grid)).toBe(70);
    expect(neighbour(13, "ArrowUp", grid)).toBe(1);
  });

  it("are chosen one by one or the first so many", () => {
    expect(toggled([1, 3], 2)).toEqual([1, 2, 3]);
    expect(toggled([1, 2, 3], 2)).toEqual([1, 3]);
    expect(firstCells([4, 5, 9], 2)).toEqual([4, 5]);
  });

  it("lie as usual trays do", () => {
    expect([36, 48, 72].map(usualColumns)).toEqual([9, 8, 12]);
  });
});
