import { describe, expect, it } from "vitest";
import { makeFinder } from "./findIndex";
import type { Found } from "./findIndex";

const one = (id: string, title: string, more = "", on: string | null = null): Found => ({
  id,
  kind: "batch",
  title,
  more,
  path: `/${id}`,
  on,
});

const all = [
  one("b1", "B-1 arrowleaf balsamroot", "Balsamorhiza sagittata", "2026-03-01"),
  one("b12", "B-12 arrowleaf balsamroot", "Balsamorhiza sagittata", "2027-03-01"),
  one("b3", "B-3 blue flax", "Linum lewisii, for the school", "2027-01-01"),
  one("n1", "two seeds were eaten by mice", "B-3 blue flax", "2027-02-01"),
];
const find = makeFinder(all);
const ids = (text: string) => find(text).map((f) => f.id);

describe("finding", () => {
  it("finds by a number as it is typed, and by no other", () => {
    expect(ids("b-12")).toEqual(["b12"]);
    expect(ids("12")).toEqual(["b12"]);
    expect(ids("B 3")).toContain("b3");
  });
  it("finds by the beginning of a word, by either name, and with a letter wrong", () => {
    expect(ids("balsamor")).toContain("b1");
    expect(ids("arowleaf")).toContain("b12");
    expect(ids("lewisii")).toEqual(["b3"]);
    expect(ids("school")).toEqual(["b3"]);
  });
  it("puts the newest first where several fit as well", () => {
    expect(ids("arrowleaf")).toEqual(["b12", "b1"]);
  });
  it("finds what a note says, and nothing for what nobody wrote", () => {
    expect(ids("mice")).toEqual(["n1"]);
    expect(ids("begonia")).toEqual([]);
  });
  it("shows the newest where nothing is typed", () => {
    expect(ids(" ")[0]).toBe("b12");
    expect(makeFinder([])("x")).toEqual([]);
  });
  it("answers at once among thousands", () => {
    const many = Array.from({ length: 4000 }, (_, i) => one(`m${i}`, `B-${i} plant of many ${i % 37}`));
    expect(makeFinder(many)("B-3999").map((f) => f.id)).toEqual(["m3999"]);
  });
});
