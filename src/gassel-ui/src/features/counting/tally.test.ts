import { describe, expect, it } from "vitest";
import { emptyTally, reading, rubOut, swapField, typeDigit } from "./tally";

const type = (keys: string) =>
  [...keys].reduce(
    (t, k) => (k === "l" ? swapField(t) : k === "<" ? rubOut(t) : typeDigit(t, k)),
    emptyTally,
  );

describe("the tally", () => {
  it("takes digits for new seedlings, then for losses", () => {
    expect(reading(type("14l2"))).toEqual({ emerged: 14, lost: 2 });
  });
  it("takes back the last digit", () => {
    expect(reading(type("17<4"))).toEqual({ emerged: 14, lost: 0 });
  });
  it("tells nothing typed from none counted", () => {
    expect(reading(type(""))).toBeNull();
    expect(reading(type("0"))).toEqual({ emerged: 0, lost: 0 });
  });
  it("drops leading noughts and stops at a million", () => {
    expect(type("007").emerged).toBe("7");
    expect(type("1234567").emerged).toBe("123456");
  });
});
