import type { BatchPayloads } from "../../record/RecordProvider";
import type { QueuedAct } from "../../offline/keep";
import type { PlantStage, PlantTally } from "../../api/types";

/** A part as it is named where it stands. */
export interface Standing {
  batchId: string;
  number: number;
  commonName: string;
  part: string;
  label: string | null;
}

/** A part that may go elsewhere. */
export interface Movable extends Standing {
  /** Id of the place where it stands; null where nobody said. */
  place: string | null;
  plants: PlantTally | null;
  /** Seed not seen to germinate yet. */
  waiting: number;
  /** What a part that goes away from it is called. */
  nextPart: string;
}

/** What of a part goes; null for all of it. */
export interface Some {
  stage: PlantStage;
  plants: number;
  seeds: number;
  label: string;
  /** Cells that go whole; null where they are not named. */
  cells: number[] | null;
}

/** A tray of which cells may go. */
export interface CelledTray {
  grid: { columns: number; cells: number };
  /** Those that hold the part. */
  own: number[];
  /** Cells that were counted, with what stands in them and the seed that is not up. */
  byCell: readonly { cell: number; standing: number; waiting: number | null }[];
  /** Seed in a cell that nobody counted in; null where nobody said. */
  seedsPerCell: number | null;
  /** Every seedling was counted in a cell. */
  isByCell: boolean;
}

/** What goes with some cells: what stands in them and their seed that is not up. Not counted by cell, it is asked for. */
export function withCells(some: Some, tray: CelledTray, cells: number[], waiting: number): Some {
  if (!tray.isByCell) return { ...some, cells };
  const known = new Map(tray.byCell.map((c) => [c.cell, c]));
  const sum = (of: (cell: number) => number) => cells.reduce((all, cell) => all + of(cell), 0);
  const plants = sum((cell) => known.get(cell)?.standing ?? 0);
  const seeds = sum((cell) => (known.has(cell) ? known.get(cell)?.waiting : tray.seedsPerCell) ?? 0);
  return { ...some, cells, stage: "seedling", plants, seeds: Math.min(seeds, waiting) };
}

export const partName = (m: Pick<Standing, "number" | "part">): string =>
  `B-${m.number}${m.part === "1" ? "" : ` · ${m.part}`}`;

/** Parts that acts still waiting on this device make of a batch. */
export const partsWaiting = (queue: QueuedAct[], batch: string): string[] =>
  queue
    .flatMap((act) => act.batches)
    .filter((b) => b.batch === batch)
    .flatMap((b) => b.entries)
    .flatMap(({ payload }) => (payload.kind === "moved" && payload.some ? [payload.some.part] : []));

/** The name, or where that is taken the same with the next free letter. */
export function freePart(name: string, taken: string[]): string {
  if (!taken.includes(name)) return name;
  const last = name.at(-1) ?? "z";
  return last < "z"
    ? freePart(name.slice(0, -1) + String.fromCharCode(last.charCodeAt(0) + 1), taken)
    : freePart(`${name}a`, taken);
}

/** Stages at which plants of it stand. */
export const stagesOf = (m: Movable): PlantStage[] =>
  (m.plants?.stages ?? []).filter((s) => s.alive > 0).map((s) => s.stage);

export const aliveAt = (m: Movable, stage: PlantStage): number =>
  m.plants?.stages.find((s) => s.stage === stage)?.alive ?? 0;

/** More than one thing stands in it, so that some of it can stay. */
export const divides = (m: Movable): boolean =>
  m.waiting + (m.plants?.stages ?? []).reduce((sum, s) => sum + s.alive, 0) > 1;

/** The entries of the gesture, by batch. */
export function moves(parts: Movable[], place: string, some: Some | null): BatchPayloads[] {
  const batches = new Map<string, BatchPayloads>();
  for (const part of parts) {
    const batch = batches.get(part.batchId) ?? { batch: part.batchId, payloads: [] };
    batch.payloads.push({
      kind: "moved",
      part: part.part,
      place,
      some:
        some === null
          ? null
          : {
              part: part.nextPart,
              plants: some.plants,
              stage: some.stage,
              seeds: some.seeds,
              label: some.label.trim() || null,
              cells: some.cells,
            },
    });
    batches.set(part.batchId, batch);
  }
  return [...batches.values()];
}

/** Why the amount cannot be some of it; null where it can. */
export function someFault(m: Movable, some: Some): string | null {
  const plants = aliveAt(m, some.stage);
  if (some.cells?.length === 0) return "Tap the cells that go.";
  if (some.plants > plants) return `There are ${plants} plants at this stage.`;
  if (some.seeds > m.waiting) return `${m.waiting} seeds are not up yet.`;
  if (some.plants + some.seeds === 0) return "Say how many go.";
  const all = (m.plants?.stages ?? []).reduce((sum, s) => sum + s.alive + s.dormant, 0);
  if (some.plants === all && some.seeds === m.waiting) return "That is all of it: choose All of it.";
  return null;
}
