import { describe, expect, it } from "vitest";
import { askedOf, asking, saysAll } from "./asked";

describe("what a list is asked for", () => {
  it("stands in the address, and comes back from it", () => {
    const address = asking(asking(new URLSearchParams("x=1"), "place", "cold-shelf"), "text", "blue flax");
    expect(address.toString()).toBe("x=1&place=cold-shelf&text=blue+flax");
    expect(askedOf(address, ["place", "text", "state"])).toEqual({ place: "cold-shelf", text: "blue flax" });
    expect(asking(address, "place", "").get("place")).toBeNull();
  });
  it("is found by the beginnings of words, in any order", () => {
    expect(saysAll("Lot 12 arrowleaf balsamroot", "bals 12")).toBe(true);
    expect(saysAll("Lot 12 arrowleaf balsamroot", "root")).toBe(false);
    expect(saysAll("anything", undefined)).toBe(true);
  });
});
