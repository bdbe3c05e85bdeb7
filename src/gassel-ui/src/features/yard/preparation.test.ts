import { describe, expect, it } from "vitest";
import type { ToSetOut } from "../../api/types";
import { draftOf, setupOf } from "./containerDraft";
import { changed, setOut, startDraft } from "./preparation";

const batch = {
  batchId: "b",
  number: 39,
  part: "1",
  seeds: 50,
  step: 1,
  setup: null,
  containers: 3,
  place: null,
} as unknown as ToSetOut;

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

  it("goes into as many as the plan spreads it over, and where the plan has it", () => {
    const draft = startDraft({ ...batch, containers: 5, place: "yard-shade" }, "yard");
    expect([draft.containers, draft.place]).toEqual([5, "yard-shade"]);
  });

  it("tells cap, holes and water apart, also of a container from before they were", () => {
    const old = { ...setupOf(draftOf(null)), care: "noHolesDailyWater" as const };
    const draft = draftOf(old);
    expect([draft.care, draft.holes, draft.wateredDaily]).toEqual(["openByTemperature", false, true]);
    const combined = setupOf({ ...draft, care: "capOnAtNight", holes: true });
    expect([combined.care, combined.holes, combined.wateredDaily]).toEqual(["capOnAtNight", true, true]);
  });

  it("labels a container by its kind until somebody writes a label", () => {
    const draft = startDraft(batch, "yard");
    expect(changed(batch, draft, { kind: "pot" }).label).toBe("pot 39");
    expect(changed(batch, { ...draft, label: "blue lid" }, { kind: "pot" }).label).toBe("blue lid");
  });
});
