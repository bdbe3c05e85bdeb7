import { describe, expect, it } from "vitest";
import { germinationOf, growsOf, halfSaid, numbersOf, numbersToSend } from "./speciesDraft";

const none = numbersOf(null, null);

describe("the numbers of a species in its form", () => {
  it("belong together: a half that could not be kept is named", () => {
    expect(halfSaid(none)).toEqual([]);
    expect(halfSaid(numbersOf(null, 2.3))).toEqual(["width and thickness of the seed"]);
    expect(halfSaid({ ...none, noneBelowC: -1, fullFromC: 1, fullToC: 5 })).toEqual([
      "the four temperatures of the cold",
    ]);
    expect(halfSaid({ ...none, depthLowMm: 0, depthHighMm: 2 })).toEqual([]);
  });
  it("are sent whole, or not at all", () => {
    const sent = numbersToSend({ ...none, widthMm: 2.3, thicknessMm: 1, nightLowC: 8 }, growsOf(null));
    expect(sent.seedSize).toEqual({ widthMm: 2.3, thicknessMm: 1 });
    expect(sent.nightC).toBeNull();
    expect(sent.coldResponse).toBeNull();
    expect(germinationOf({ ...none, lowC: 10 })).toBeNull();
    expect(germinationOf({ ...none, lowC: 10, highC: 20 })).toEqual({ lowC: 10, highC: 20 });
  });
  it("keep a clock that is not used out of what is sent", () => {
    const grows = { ...growsOf(null), leaves: "weeks" as const, fromWeeks: 6, toWeeks: 8 };
    expect(numbersToSend({ ...none, leaveHeightCm: 5 }, grows).growing).toMatchObject({
      leaveHeightMm: null,
      leaveFromWeeks: 6,
    });
  });
});
