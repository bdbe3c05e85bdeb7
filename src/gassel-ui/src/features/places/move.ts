import type { BatchPayloads } from "../../record/RecordProvider";
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
}

export const partName = (m: Pick<Standing, "number" | "part">): string =>
  `B-${m.number}${m.part === "1" ? "" : ` · ${m.part}`}`;

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
            },
    });
    batches.set(part.batchId, batch);
  }
  return [...batches.values()];
}

/** Why the amount cannot be some of it; null where it can. */
export function someFault(m: Movable, some: Some): string | null {
  const plants = aliveAt(m, some.stage);
  if (some.plants > plants) return `There are ${plants} plants at this stage.`;
  if (some.seeds > m.waiting) return `${m.waiting} seeds are not up yet.`;
  if (some.plants + some.seeds === 0) return "Say how many go.";
  const all = (m.plants?.stages ?? []).reduce((sum, s) => sum + s.alive + s.dormant, 0);
  if (some.plants === all && some.seeds === m.waiting) return "That is all of it: choose All of it.";
  return null;
}
