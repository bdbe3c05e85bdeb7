import { describe, expect, it } from "vitest";
import { areRead, withRead } from "./cautionsRead";

const none = { day: "", texts: [] };

describe("cautions read", () => {
  it("are known for the day and the words, and no longer", () => {
    const read = withRead(withRead(none, "2027-03-14", ["toxic"]), "2027-03-14", ["hotWater", "toxic"]);
    expect(read.texts).toEqual(["toxic", "hotWater"]);
    expect(areRead(read, "2027-03-14", ["toxic", "hotWater"])).toBe(true);
    expect(areRead(read, "2027-03-14", ["toxic", "dust"])).toBe(false);
    expect(areRead(read, "2027-03-15", ["toxic"])).toBe(false);
    expect(withRead(read, "2027-03-15", ["dust"]).texts).toEqual(["dust"]);
  });
});
