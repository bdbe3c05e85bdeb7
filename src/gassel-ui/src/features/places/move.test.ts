import { describe, expect, it } from "vitest";
import type { QueuedAct } from "../../offline/keep";
import type { PlantTally } from "../../api/types";
import { divides, freePart, moves, partName, partsWaiting, someFault, stagesOf, withCells } from "./move";
import type { CelledTray, Movable, Some } from "./move";

const stages = ["seedling", "prickedOut", "potted", "hardened", "planted"] as const;
const tally = (alive: number[]): PlantTally =>
  ({
    emerged: 30,
    losses: [],
    stages: stages.map((stage, i) => ({ stage, alive: alive[i] ?? 0, dormant: 0, lost: 0, reached: 0 })),
  }) as unknown as PlantTally;

const tray = (more: Partial<Movable> = {}): Movable => ({
  batchId: "b",
  number: 12,
  commonName: "beardtongue",
  part: "1",
  place: "heat-mat",
  label: "tray 12",
  plants: tally([20]),
  waiting: 10,
  nextPart: "1a",
  ...more,
});

const some = (more: Partial<Some> = {}): Some => ({
  stage: "seedling",
  plants: 5,
  seeds: 0,
  label: "",
  cells: null,
  ...more,
});

describe("moving", () => {
  it("keeps the parts of a batch together in one gesture", () => {
    const sent = moves([tray(), tray({ part: "2" }), tray({ batchId: "c" })], "table", null);
    expect(sent.map((b) => [b.batch, b.payloads.length])).toEqual([
      ["b", 2],
      ["c", 1],
    ]);
    expect(sent[0]?.payloads[0]).toEqual({ kind: "moved", part: "1", place: "table", some: null });
  });

  it("names the part that goes and what goes with it", () => {
    const [batch] = moves([tray()], "table", some({ seeds: 3, label: " tray 13 " }));
    expect(batch?.payloads[0]).toMatchObject({
      some: { part: "1a", plants: 5, stage: "seedling", seeds: 3, label: "tray 13" },
    });
  });

  it("takes with its cells what stands in them, and their seed that is not up", () => {
    const cells = (isByCell: boolean): CelledTray => ({
      grid: { columns: 4, cells: 12 },
      own: [1, 2, 3, 4],
      byCell: [
        { cell: 1, standing: 1, waiting: 1 },
        { cell: 3, standing: 3, waiting: 0 },
      ],
      seedsPerCell: 3,
      isByCell,
    });
    expect(withCells(some(), cells(true), [1, 2], 7)).toMatchObject({ cells: [1, 2], plants: 1, seeds: 4 });
    expect(withCells(some(), cells(false), [1, 2], 7)).toMatchObject({ cells: [1, 2], plants: 5, seeds: 0 });
    expect(someFault(tray(), some({ cells: [] }))).toContain("cells");
  });

  it("gives what goes a name that nothing waiting on the device has", () => {
    const act = {
      batches: [{ batch: "b", entries: [{ payload: moves([tray()], "table", some())[0]?.payloads[0] }] }],
    };
    const taken = partsWaiting([act as unknown as QueuedAct], "b");
    expect(freePart("1a", taken)).toBe("1b");
    expect(freePart("1a", partsWaiting([act as unknown as QueuedAct], "c"))).toBe("1a");
    expect(freePart("1z", ["1z"])).toBe("1za");
  });

  it("says why an amount is not some of it", () => {
    expect(someFault(tray(), some())).toBeNull();
    expect(someFault(tray(), some({ plants: 21 }))).toContain("20");
    expect(someFault(tray(), some({ seeds: 11 }))).toContain("10");
    expect(someFault(tray(), some({ plants: 0 }))).not.toBeNull();
    expect(someFault(tray(), some({ plants: 20, seeds: 10 }))).toContain("all");
  });

  it("one thing alone does not divide", () => {
    expect(divides(tray({ plants: null, waiting: 1 }))).toBe(false);
    expect(divides(tray())).toBe(true);
    expect(stagesOf(tray({ plants: tally([0, 0, 4]) }))).toEqual(["potted"]);
    expect(partName(tray({ part: "1a" }))).toBe("B-12 · 1a");
  });
});
