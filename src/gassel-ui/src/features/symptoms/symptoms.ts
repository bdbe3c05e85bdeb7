import type { EntryPayload, Symptom, SymptomCourse } from "../../api/types";
import type { BatchPayloads } from "../../record/RecordProvider";
import type { Standing } from "../places/move";

export const symptomSeen = (part: string, what: Symptom, course: SymptomCourse = "seen"): EntryPayload => ({
  kind: "symptomSeen",
  part,
  what,
  course,
});

/** The same seen at each of these parts, by batch. */
export function seenAt(parts: Pick<Standing, "batchId" | "part">[], what: Symptom): BatchPayloads[] {
  const batches = new Map<string, EntryPayload[]>();
  for (const { batchId, part } of parts)
    batches.set(batchId, [...(batches.get(batchId) ?? []), symptomSeen(part, what)]);
  return [...batches].map(([batch, payloads]) => ({ batch, payloads }));
}
