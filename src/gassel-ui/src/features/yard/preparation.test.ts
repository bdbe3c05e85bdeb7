import { describe, expect, it } from "vitest";
import type { ToSetOut } from "../../api/types";
import { setOut, setupOf, startDraft } from "./preparation";

const batch = { batchId: "b", number: 39, part: "1", seeds: 50, step: 1, setup: null } as ToSetOut;

describe("setting out", () => {
  it("divides every seed over its containers and sets each out", () => {
    const entries = setOut(batch, startDraft(batch, "yard-eaves"), ["drainHoles"]);
    expect(entries.map((e) => e.kind)).toEqual([
      "split",
      "prepared",
      "stepStarted",
      "prepared",
      "stepStarted",
      "prepared",
      "stepStarted",
    ]);
    const split = entries[0];
    expect(split?.kind === "split" && split.children.reduce((sum, c) => sum + c.seeds, 0)).toBe(50);
    const start = entries[2];
    expect(
      start?.kind === "stepStarted" && [start.part, start.place, start.vessel?.label, start.seeds],
    ).toEqual(["1.1", "yard-eaves", "jug 39-1", null]);
  });

  it("divides nothing for one container", () => {
    const entries = setOut(batch, { ...startDraft(batch, "yard"), containers: 1 }, []);
    expect(entries.map((e) => e.kind)).toEqual(["prepared", "stepStarted"]);
    expect(entries[1]?.kind === "stepStarted" && [entries[1].seeds, entries[1].vessel?.label]).toEqual([
      50,
      "jug 39",
    ]);
  });

  it("describes a vessel of one's own by its size and wall", () => {
    const setup = setupOf({ ...startDraft(batch, "yard"), kind: "own", litres: 1, wall: "0" });
    expect([setup.kind, setup.own]).toEqual([null, { litres: 1, heightCm: 25, transmittance: 0 }]);
  });

  it("goes on where the table was left", () => {
    const draft = startDraft(batch, "yard");
    const before = {
      ...setupOf({ ...draft, kind: "own", litres: 6, wall: "0.7" }),
      care: "capOnAtNight" as const,
    };
    const again = startDraft({ ...batch, setup: before }, "yard");
    expect([again.kind, again.litres, again.wall, again.care]).toEqual(["own", 6, "0.7", "capOnAtNight"]);
  });
});
