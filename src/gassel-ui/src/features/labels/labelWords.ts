import type { LabelContent, LabelPaper, PartLabel } from "../../api/types";

export const PAPERS: Record<LabelPaper, string> = {
  a4By24: "A4, 24 labels of 70 × 37 mm",
  a4By65: "A4, 65 labels of 38 × 21 mm, inside only",
  letterBy30: "letter, 30 labels of 2⅝ × 1 in",
  roll62: "roll of 62 mm, cut at 35 mm",
};

export const CONTENTS: [LabelContent, string][] = [
  ["both", "inside and outside"],
  ["outside", "outside only"],
  ["inside", "inside only"],
];

/** Names a part over all batches. */
export const partKey = (part: Pick<PartLabel, "batch" | "part">): string => `${part.batch}/${part.part}`;

/** Parts to tick at first: those of one batch where one was asked for, else those whose label is missing or tells of an earlier step. */
export function wanted(parts: PartLabel[], batch: string | null): string[] {
  return parts
    .filter((part) => (batch ? part.batch === batch : part.label.stale && part.label.in !== null))
    .map(partKey);
}
