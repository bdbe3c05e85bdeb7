import { describe, expect, it } from "vitest";
import type { StandingPart } from "../../api/types";
import { lookPayloads, usualOf } from "./look";
import type { Look } from "./look";

const part = {
  part: "1",
  seeds: 60,
  sprouted: 0,
  number: 4,
  day: 62,
  shortestDays: 60,
  sowAllFrom: 1,
  sowAllBefore: 6,
  sproutsTo: "lamp-shelf",
} as unknown as StandingPart;

const look: Look = {
  moisture: "dry",
  mould: "none",
  sprouted: 0,
  care: ["wetted"],
  place: "",
  chosen: null,
  placeC: null,
};

const checkOf = (more: Partial<Look>) =>
  lookPayloads(part, { ...look, ...more }).find((p) => p.kind === "check");

describe("a look", () => {
  it("records a wetting that can be seen, and none that was chosen before it was moist after all", () => {
    expect(checkOf({})).toMatchObject({ moisture: "dry", care: ["wetted"] });
    expect(checkOf({ moisture: "right" })).toMatchObject({ moisture: "right", care: [] });
  });

  it("moves the bag only while the place can be seen", () => {
    expect(lookPayloads(part, { ...look, place: "warm-shelf" }).at(-1)).toMatchObject({ kind: "moved" });
    const kinds = lookPayloads(part, { ...look, place: "warm-shelf", sprouted: 3 }).map((p) => p.kind);
    expect(kinds).not.toContain("moved");
  });

  it("goes by the day that is recorded, before the shortest time as after it", () => {
    expect(usualOf(part, 2, "2027-03-14", "2027-03-14")).toBe("sowAll");
    // a week earlier the shortest time was not reached, and two of sixty are picked out
    expect(usualOf(part, 2, "2027-03-07", "2027-03-14")).toBe("pickOut");
    expect(usualOf(part, 6, "2027-03-07", "2027-03-14")).toBe("sowAll");
  });
});
