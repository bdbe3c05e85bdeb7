import { describe, expect, it } from "vitest";
import type { Place } from "../../api/types";
import { choiceOf, draftFrom, draftOf, kindWords, swapped, toKeep } from "./placeDraft";

const place = (id: string, more: Partial<Place> = {}): Place => ({
  id,
  name: id,
  kind: "table",
  dayC: 20,
  nightC: null,
  assumedC: 20,
  capacity: null,
  lamps: null,
  exposure: null,
  retiredOn: null,
  isLit: false,
  isOutdoors: false,
  isOpenAir: false,
  inSentence: id,
  holds: "bags",
  looks: null,
  ...more,
});

describe("a place of one's own", () => {
  it("a spot of the yard is chosen by what stands around it", () => {
    expect(choiceOf(place("y", { kind: "yard", exposure: "eaves" }))).toBe("eaves");
    expect(choiceOf(place("y", { kind: "yard" }))).toBe("open");
    expect(kindWords(place("y", { kind: "yard", exposure: "southWall" }))).toBe("yard, south wall");
    expect(toKeep({ ...draftOf("shade", []), name: "Under the pines" }, false)).toMatchObject({
      kind: "yard",
      exposure: "shade",
    });
  });

  it("begins with what is usually taken of its kind", () => {
    const kinds = [
      { kind: "windowsill", dayC: 20, nightC: 15, holds: "trays", isOutdoors: false, isLit: false },
    ] as const;
    expect(draftOf("windowsill", [...kinds])).toMatchObject({ dayC: 20, nightC: 15 });
  });

  it("says a night only where it differs from the day", () => {
    expect(toKeep(draftFrom(place("t")), false).nightC).toBeNull();
    expect(toKeep(draftFrom(place("t", { nightC: 15 })), false).nightC).toBe(15);
  });

  it("goes up and down among those in use", () => {
    const all = [place("a"), place("b", { retiredOn: "2027-01-01" }), place("c")];
    expect(swapped(all, "c", -1)).toEqual(["c", "b", "a"]);
    expect(swapped(all, "a", -1)).toEqual(["a", "b", "c"]);
  });
});
