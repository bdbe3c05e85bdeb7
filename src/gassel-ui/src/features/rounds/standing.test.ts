import { describe, expect, it } from "vitest";
import { isQuiet, nextPlace } from "./standing";
import type { PlaceWork } from "./standing";

const at = (id: string, jobs: number) =>
  ({ place: { place: { id } }, jobs, late: 0 }) as unknown as PlaceWork;

describe("going round", () => {
  const work = [at("table", 2), at("fridge", 0), at("lamps", 3), at("yard", 0)];
  it("leads to the next place that asks for something, past those that do not", () => {
    expect(nextPlace(work, "table")?.place.place.id).toBe("lamps");
  });
  it("begins again after the last, and ends where nothing is left", () => {
    expect(nextPlace(work, "lamps")?.place.place.id).toBe("table");
    expect(nextPlace([at("table", 5), at("yard", 0)], "table")).toBeNull();
  });
});

describe("a place without jobs", () => {
  const quiet = { symptoms: [], out: [], water: null, parts: [{ warmth: null }] };
  const told = (jobs: number, more: object) =>
    isQuiet({ place: { ...quiet, ...more }, jobs, late: 0 } as unknown as PlaceWork);
  it("is quiet only where nothing is told of it either", () => {
    expect(told(0, {})).toBe(true);
    expect(told(1, {})).toBe(false);
    expect(told(0, { symptoms: [{}] })).toBe(false);
    expect(told(0, { out: [{}] })).toBe(false);
    expect(told(0, { water: {} })).toBe(false);
    expect(told(0, { parts: [{ warmth: { isTooWarm: true } }] })).toBe(false);
  });
});
