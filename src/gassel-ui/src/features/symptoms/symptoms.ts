import type { EntryPayload, Symptom, SymptomCourse } from "../../api/types";
import type { BatchPayloads } from "../../record/RecordProvider";

/** A part that something may be wrong with. */
export interface Ailing {
  batchId: string;
  number: number;
  commonName: string;
  part: string;
  label: string | null;
}

export const ailingName = (a: Pick<Ailing, "number" | "part">): string =>
  `B-${a.number}${a.part === "1" ? "" : ` · ${a.part}`}`;

export const symptomSeen = (part: string, what: Symptom, course: SymptomCourse = "seen"): EntryPayload => ({
  kind: "symptomSeen",
  part,
  what,
  course,
});

/** The same seen at each of these parts, by batch. */
export function seenAt(parts: Pick<Ailing, "batchId" | "part">[], what: Symptom): BatchPayloads[] {
  const batches = new Map<string, EntryPayload[]>();
  for (const { batchId, part } of parts)
    batches.set(batchId, [...(batches.get(batchId) ?? []), symptomSeen(part, what)]);
  return [...batches].map(([batch, payloads]) => ({ batch, payloads }));
}
