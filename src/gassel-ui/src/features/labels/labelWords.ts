import { WORDS } from "../../api/words";
import type { LabelContent, PartLabel } from "../../api/types";

export const CONTENTS = Object.entries(WORDS.LabelContent) as [LabelContent, string][];

/** Names a part over all batches. */
export const partKey = (part: Pick<PartLabel, "batch" | "part">): string => `${part.batch}/${part.part}`;

/** Parts to tick at first: those of one batch where one was asked for, else those whose label is missing or tells of an earlier step. */
export function wanted(parts: PartLabel[], batch: string | null): string[] {
  return parts
    .filter((part) => (batch ? part.batch === batch : part.label.stale && part.label.in !== null))
    .map(partKey);
}
