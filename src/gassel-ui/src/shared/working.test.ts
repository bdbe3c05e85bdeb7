import { describe, expect, it } from "vitest";
import { sourceApart } from "./working";

describe("the source of a line of working", () => {
  it("stands apart from the rule", () =>
    expect(sourceApart("First seedling 3 Mar + 4 days (3 to 5 is common practice, no source).")).toEqual({
      said: "First seedling 3 Mar + 4 days.",
      source: "3 to 5 is common practice, no source",
    }));

  it("is a paper by its year as well, and named once", () =>
    expect(sourceApart("At 20 % (Wilson 1927), then 30 % (Wilson 1927); a week (our assumption).")).toEqual({
      said: "At 20 %, then 30 %; a week.",
      source: "Wilson 1927; our assumption",
    }));

  it("is none where a bracket holds numbers only", () =>
    expect(sourceApart("47 % (30 to 60 %) by 3 May 2027 (4 of 9 winters).")).toEqual({
      said: "47 % (30 to 60 %) by 3 May 2027 (4 of 9 winters).",
      source: null,
    }));
});
