import { WORDS } from "../../api/words";
import type { LabelContent, PartLabel } from "../../api/types";

export const CONTENTS = Object.entries(WORDS.LabelContent) as [LabelContent, string][];

/** Names a part over all batches. */
export const partKey = (part: Pick<PartLabel, "batch" | "part">): string => `${part.batch}/${part.part}`;

/** What labels are asked for: those of one batch, of some by their numbers, or of neither. */
export interface LabelsAsked {
  batch: string | null;
  numbers: ReadonlySet<number>;
}

/** Parts to tick at first: those asked for, else those whose label is missing or tells of an earlier step. */
export function wanted(parts: PartLabel[], { batch, numbers }: LabelsAsked): string[] {
  const asked = (part: PartLabel) =>
    batch !== null
      ? part.batch === batch
      : numbers.size > 0
        ? numbers.has(part.number)
        : part.label.stale && part.label.in !== null;
  return parts.filter(asked).map(partKey);
}
