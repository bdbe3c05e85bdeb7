import { describe, expect, it } from "vitest";
import type { LotView } from "../../api/types";
import { lotsAsked } from "./lotsAsked";

const lot = (id: number, speciesId: string, gatheredOn: string, seedsLeft: number) =>
  ({
    id,
    seeds: 100,
    seedsLeft,
    details: { speciesId, lot: { gatheredAt: "slope", gatheredOn, note: null } },
  }) as unknown as LotView;

const all = [
  lot(1, "flax", "2025-07-01", 0),
  lot(2, "camas", "2026-07-01", 90),
  lot(3, "flax", "2026-08-01", 10),
];
const ids = (asked: Parameters<typeof lotsAsked>[1]) => lotsAsked(all, asked, (s) => s).map((l) => l.id);

describe("the lots that are asked for", () => {
  it("stand by name with the newest harvest first, or as they are asked for", () => {
    expect(ids({})).toEqual([2, 3, 1]);
    expect(ids({ order: "oldest" })).toEqual([1, 2, 3]);
    expect(ids({ order: "least" })).toEqual([1, 3, 2]);
  });
  it("are narrowed by what is left, by species and by words", () => {
    expect(ids({ left: "some" })).toEqual([2, 3]);
    expect(ids({ left: "little" })).toEqual([3]);
    expect(ids({ left: "none", species: "flax" })).toEqual([1]);
    expect(ids({ text: "slope 2" })).toEqual([2]);
  });
});
