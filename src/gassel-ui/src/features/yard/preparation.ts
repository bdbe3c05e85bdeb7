import type {
  CareStyle,
  ContainerMix,
  ContainerPreset,
  ContainerSetup,
  EntryPayload,
  PreparationStep,
  ToSetOut,
} from "../../api/types";
import { spread } from "./yardWords";

/** A container as it is being described. */
export interface PreparationDraft {
  kind: ContainerPreset | "own";
  litres: number | null;
  heightCm: number | null;
  wall: "0.7" | "0.5" | "0";
  care: CareStyle;
  mix: ContainerMix;
  mixCm: number | null;
  stonesKg: number | null;
  containers: number | null;
  label: string;
  place: string;
}

/** As far as it was made ready before, else as is usual. */
export const startDraft = (batch: ToSetOut, place: string): PreparationDraft => ({
  kind: batch.setup ? (batch.setup.kind ?? "own") : "jug4",
  litres: batch.setup?.own?.litres ?? 4,
  heightCm: batch.setup?.own?.heightCm ?? 25,
  wall: wallOf(batch.setup?.own?.transmittance),
  care: batch.setup?.care ?? "capOff",
  mix: batch.setup?.mix ?? "lowNutrient",
  mixCm: batch.setup?.mixCm ?? 8,
  stonesKg: batch.setup?.stonesKg ?? 0,
  // losses come by the container, so three rather than one
  containers: Math.min(3, batch.seeds),
  label: `jug ${batch.number}`,
  place,
});

function wallOf(transmittance = 0.5): PreparationDraft["wall"] {
  return transmittance >= 0.6 ? "0.7" : transmittance >= 0.2 ? "0.5" : "0";
}

export const setupOf = (draft: PreparationDraft): ContainerSetup => ({
  kind: draft.kind === "own" ? null : draft.kind,
  care: draft.care,
  mix: draft.mix,
  mixCm: draft.mixCm ?? 8,
  stonesKg: draft.stonesKg ?? 0,
  own:
    draft.kind === "own"
      ? { litres: draft.litres ?? 4, heightCm: draft.heightCm ?? 25, transmittance: Number(draft.wall) }
      : null,
});

/** What was done at the table so far. */
export const prepared = (
  batch: ToSetOut,
  draft: PreparationDraft,
  done: PreparationStep[],
): EntryPayload[] => [{ kind: "prepared", part: batch.part, setup: setupOf(draft), done }];

/** Divided over its containers, each made ready, set out and labelled: one gesture. */
export function setOut(batch: ToSetOut, draft: PreparationDraft, done: PreparationStep[]): EntryPayload[] {
  const many = draft.containers ?? 1;
  const seeds = spread(batch.seeds, many);
  const parts = many === 1 ? [batch.part] : seeds.map((_, i) => `${batch.part}.${i + 1}`);
  const split: EntryPayload[] =
    many === 1
      ? []
      : [
          {
            kind: "split",
            part: batch.part,
            children: parts.map((part, i) => ({ part, seeds: seeds[i] ?? 0, sprouted: 0, swollen: null })),
          },
        ];
  return [
    ...split,
    ...parts.flatMap((part, i): EntryPayload[] => [
      { kind: "prepared", part, setup: setupOf(draft), done },
      {
        kind: "stepStarted",
        part,
        step: batch.step,
        seeds: many === 1 ? batch.seeds : null,
        place: draft.place,
        way: null,
        vessel: {
          kind: "container",
          label: many === 1 ? draft.label.trim() : `${draft.label.trim()}-${i + 1}`,
          cells: null,
          medium: null,
          slot: null,
          columns: null,
        },
      },
    ]),
  ];
}
