import { describe, expect, it } from "vitest";
import { allWell, gesture, lookAtBag, lookForSwelling } from "./entries";

const bag = { part: "1", number: 3, seeds: 60, sprouted: 0 };

describe("recording", () => {
  it("of a good bag is one entry", () => {
    expect(lookAtBag(bag, allWell, "pickOut", "yard").map((p) => p.kind)).toEqual(["check"]);
  });

  it("of three sprouts picked out keeps every seed in two parts", () => {
    const entries = lookAtBag(bag, { ...allWell, sprouted: 3 }, "pickOut", "yard");
    expect(entries.map((p) => p.kind)).toEqual(["check", "split", "sown"]);
    const split = entries[1];
    if (split?.kind !== "split") throw new Error("no split");
    expect(split.children).toEqual([
      { part: "1.1", seeds: 3, sprouted: 3, swollen: null },
      { part: "1.2", seeds: 57, sprouted: 0, swollen: null },
    ]);
  });

  it("of sprouts sown with the whole bag divides nothing", () => {
    expect(lookAtBag(bag, { ...allWell, sprouted: 9 }, "sowAll", null).map((p) => p.kind)).toEqual([
      "check",
      "sown",
    ]);
  });

  it("cannot pick out the last seed and keep a rest", () => {
    expect(
      lookAtBag({ ...bag, seeds: 4, sprouted: 1 }, { ...allWell, sprouted: 3 }, "pickOut", null).map(
        (p) => p.kind,
      ),
    ).toEqual(["check", "sown"]);
  });

  it("of soaked seed divides the swollen from the rest and keeps every seed", () => {
    const entries = lookForSwelling({ part: "1", seeds: 96, sprouted: 2 }, 60);
    expect(entries).toEqual([
      { kind: "inspected", part: "1", swollen: 60 },
      {
        kind: "split",
        part: "1",
        children: [
          { part: "1.1", seeds: 60, sprouted: 2, swollen: true },
          { part: "1.2", seeds: 36, sprouted: 0, swollen: false },
        ],
      },
    ]);
    expect(lookForSwelling({ part: "1", seeds: 96, sprouted: 0 }, 96).map((p) => p.kind)).toEqual([
      "inspected",
    ]);
    expect(lookForSwelling({ part: "1", seeds: 96, sprouted: 0 }, 0).map((p) => p.kind)).toEqual([
      "inspected",
    ]);
  });

  it("carries the moment only where hours matter", () => {
    const [change, note] = gesture(
      [
        { kind: "waterChanged", part: "1" },
        { kind: "note", part: null, text: "x" },
      ],
      "2027-03-14",
      "2027-03-14T16:00:00Z",
    );
    expect([change?.doneAt, note?.doneAt]).toEqual(["2027-03-14T16:00:00Z", null]);
  });
});
