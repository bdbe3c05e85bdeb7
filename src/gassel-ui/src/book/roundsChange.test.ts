import { describe, expect, it } from "vitest";
import type { RoundsChange, RoundsView } from "../api/types";
import { isAlone, withChange } from "./roundsChange";

const TODAY = "2027-03-14";

const part = (batchId: string, number: number, ...dueOn: string[]) => ({
  batchId,
  number,
  part: "1",
  due: dueOn.map((day) => ({ due: { dueOn: day } })),
});

const place = (id: string, jobs: number, ...parts: ReturnType<typeof part>[]) => ({
  place: { id },
  jobs,
  out: [],
  parts,
});

const rounds = (...places: ReturnType<typeof place>[]) =>
  ({
    today: TODAY,
    sequence: 40,
    places,
    dueCount: 0,
    conflicts: [],
    conflictCount: 0,
    yard: [],
    aside: [],
  }) as unknown as RoundsView;

const change = (batches: string[], ...places: ReturnType<typeof place>[]) =>
  ({
    today: TODAY,
    sequence: 42,
    batches,
    places,
    order: ["table", "shelf", "yard"],
    conflicts: [],
    conflictCount: 0,
    yard: [],
    aside: [],
  }) as unknown as RoundsChange;

const seen = (view: RoundsView) => view.places.map((p) => [p.place.id, p.parts.map((x) => x.number)]);

describe("Rounds after a gesture", () => {
  const before = rounds(
    place("table", 0, part("a", 1, TODAY)),
    place("shelf", 1, part("b", 2, "2027-03-10"), part("c", 3, "2027-03-12"), part("d", 4)),
  );

  it("have the batch as it is now, later things first, and count what is due anew", () => {
    const after = withChange(before, change(["b"], place("shelf", 0, part("b", 2, "2027-03-20"))));
    expect(seen(after)).toEqual([
      ["table", [1]],
      ["shelf", [3, 2, 4]],
    ]);
    expect(after.dueCount).toBe(2);
  });

  it("keep what the gesture did not touch as the same object", () => {
    const after = withChange(before, change(["b"], place("shelf", 0, part("b", 2))));
    expect(after.places[0]).toBe(before.places[0]);
    expect(after.places[1]?.parts[0]).toBe(before.places[1]?.parts[1]);
  });

  it("follow a batch to a place where nothing stood, which comes in the grower's order", () => {
    const yard = withChange(before, change(["a"], place("table", 0), place("yard", 0, part("a", 1))));
    expect(seen(yard)).toEqual([
      ["shelf", [2, 3, 4]],
      ["yard", [1]],
    ]);
    const back = withChange(yard, change(["a"], place("yard", 0), place("table", 2, part("a", 1, TODAY))));
    expect(seen(back)[0]).toEqual(["table", [1]]);
    expect(back.dueCount).toBe(2 + 1 + 1 + 2);
  });

  it("are old where somebody else recorded something meanwhile, or the day turned", () => {
    const gesture = change(["b"], place("shelf", 0, part("b", 2)));
    expect(isAlone(before, gesture, 2)).toBe(true);
    expect(isAlone(before, gesture, 1)).toBe(false);
    expect(isAlone({ ...before, today: "2027-03-13" }, gesture, 2)).toBe(false);
    // the next gesture is held against what this one told
    expect(isAlone(withChange(before, gesture), { ...gesture, sequence: 43 }, 1)).toBe(true);
  });
});
