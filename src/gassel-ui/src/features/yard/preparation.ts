import type { EntryPayload, PreparationStep, ToSetOut } from "../../api/types";
import { draftOf, setupOf } from "./containerDraft";
import type { ContainerDraft } from "./containerDraft";
import { spread } from "./yardWords";

/** Containers as they are being described, with how many and where they go. */
export interface PreparationDraft extends ContainerDraft {
  containers: number | null;
  label: string;
  place: string;
}

const LABELS: Record<ContainerDraft["kind"], string> = {
  jug4: "jug",
  jug2: "jug",
  bottle2: "bottle",
  tub6: "tub",
  pot: "pot",
  coldFrame: "frame",
  own: "vessel",
};

/** What is written on a container of the batch unless the grower says otherwise. */
export const labelOf = (batch: ToSetOut, kind: ContainerDraft["kind"]): string =>
  `${LABELS[kind]} ${batch.number}`;

/** The draft changed; its label follows the kind until somebody writes one. */
export const changed = (
  batch: ToSetOut,
  draft: PreparationDraft,
  part: Partial<PreparationDraft>,
): PreparationDraft => ({
  ...draft,
  ...(part.kind && draft.label === labelOf(batch, draft.kind) ? { label: labelOf(batch, part.kind) } : {}),
  ...part,
});

/** As far as it was made ready before, else as is usual. */
export const startDraft = (batch: ToSetOut, place: string): PreparationDraft => ({
  ...draftOf(batch.setup),
  // as the plan spreads it: losses come by the container
  containers: Math.min(batch.containers, batch.seeds),
  label: labelOf(batch, batch.setup ? (batch.setup.kind ?? "own") : "jug4"),
  place: batch.place ?? place,
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
