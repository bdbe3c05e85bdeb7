import { describe, expect, it } from "vitest";
import type { EntryPayload } from "../api/types";
import type { WaitingAct } from "../offline/keep";
import { standing } from "./recent";

const act = (name: string, ...payloads: [string, EntryPayload][]): WaitingAct => ({
  act: name,
  who: "Ines",
  batches: [
    {
      batch: "b",
      entries: payloads.map(([id, payload]) => ({
        id,
        payload,
        doneOn: "2027-03-14",
        doneAt: null,
        recordedAt: "",
      })),
    },
  ],
  told: name,
  settles: [],
  refused: null,
});
const seen: EntryPayload = { kind: "domeOff", part: "1" };

describe("what was just recorded", () => {
  const first = act("first", ["1", seen]);
  const second = act("second", ["2", seen], ["3", seen]);
  const undo = act("undo", ["4", { kind: "void", entry: "2" }], ["5", { kind: "void", entry: "3" }]);
  const told = (...acts: WaitingAct[]) => standing(acts).map((a) => a.told);

  it("stands the newest first, and goes when all of it was taken back", () => {
    expect(told(first, second)).toEqual(["second", "first"]);
    expect(told(first, second, act("half", ["4", { kind: "void", entry: "2" }]))).toEqual([
      "second",
      "first",
    ]);
    expect(told(first, second, undo)).toEqual(["first"]);
  });
  it("stands again when its undoing was undone", () => {
    const redo = act("redo", ["6", { kind: "void", entry: "4" }], ["7", { kind: "void", entry: "5" }]);
    expect(told(first, second, undo, redo)).toEqual(["second", "first"]);
  });
});
