import { describe, expect, it } from "vitest";
import { isChosen, pagesOf } from "./batchAsked";

describe("the batches that are asked for", () => {
  it("are all of them where only the order was chosen", () => {
    expect(isChosen({ order: "due" })).toBe(false);
    expect(isChosen({ state: "sown" })).toBe(true);
  });
  it("come in pages, also where two are in sight", () => {
    expect(pagesOf(0, 12, 100)).toEqual([0]);
    expect(pagesOf(95, 130, 100)).toEqual([0, 100]);
    expect(pagesOf(1995, 1999, 100)).toEqual([1900]);
  });
});
