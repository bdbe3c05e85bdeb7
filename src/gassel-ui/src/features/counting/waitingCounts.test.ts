import { describe, expect, it } from "vitest";
import type { QueuedAct } from "../../offline/keep";
import type { EntryPayload } from "../../api/types";
import { countsWaiting } from "./waitingCounts";

const act = (n: number, payload: EntryPayload, batch = "b"): QueuedAct => ({
  n,
  act: `act ${n}`,
  who: "Ines",
  batches: [
    {
      batch,
      entries: [
        { id: `e${n}`, doneOn: "2027-03-14", doneAt: null, recordedAt: "2027-03-14T09:00:00Z", payload },
      ],
    },
  ],
  told: "",
  settles: [],
  refused: null,
});
const count = (part: string, emerged: number): EntryPayload => ({
  kind: "count",
  part,
  emerged,
  lost: 1,
  cause: "unknown",
  rooted: 0,
  spots: null,
});

describe("counts that wait", () => {
  it("are those of the tray in front, the newest first, without what was taken back", () => {
    const queue = [
      act(1, count("1", 7)),
      act(2, count("1.1", 8)),
      act(3, count("1", 9), "another batch"),
      act(4, count("1", 10)),
      act(5, count("1", 11)),
      act(6, { kind: "void", entry: "e4" }),
    ];
    expect(countsWaiting(queue, "b", "1").map((c) => [c.entry, c.emerged, c.lost])).toEqual([
      ["e5", 11, 1],
      ["e1", 7, 1],
    ]);
  });
});
