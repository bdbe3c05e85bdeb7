import { describe, expect, it } from "vitest";
import { townLines } from "../../../towns.plugin.js";
import { findTowns, positionWords, readTowns, townWords } from "./towns";

const towns = readTowns(townLines());
const names = (text: string) => findTowns(towns, text).map(townWords);

describe("towns", () => {
  it("are found by the beginning of their name, the largest first, without accents too", () => {
    expect(names("missou")[0]).toBe("Missouri City, TX, United States");
    expect(names("missoula")).toContain("Missoula, MT, United States");
    expect(names("munchen")[0]).toContain("München".slice(0, 1));
    expect(names("x")).toEqual([]);
  });
  it("are told apart by state or country after a comma", () => {
    expect(names("portland, me")[0]).toBe("Portland, ME, United States");
    expect(names("wellington, new z")[0]).toBe("Wellington, New Zealand");
  });
  // positions and zones: IANA time zone database and GeoNames, as the two packages hold them; the expectations are common knowledge
  it("know where they lie and their time zone", () => {
    const [missoula] = findTowns(towns, "Missoula");
    expect(missoula?.latitude).toBeCloseTo(46.87, 1);
    expect(missoula?.longitude).toBeCloseTo(-114, 0);
    expect(missoula?.timeZone).toBe("America/Denver");
    expect(findTowns(towns, "Hobart")[0]?.timeZone).toBe("Australia/Hobart");
    expect(findTowns(towns, "Phoenix")[0]?.timeZone).toBe("America/Phoenix");
  });
  it("tell their position as on a map", () => {
    expect(positionWords(46.87, -113.99)).toBe("46.9° N, 114.0° W");
    expect(positionWords(-42.88, 147.33)).toBe("42.9° S, 147.3° E");
    expect(positionWords(0.2, null)).toBe("0.2° N");
  });
});
