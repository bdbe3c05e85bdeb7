import type { EntryPayload, Tending } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { byBatch } from "./yardWords";
import { useDoneOn } from "../../record/DoneOn";

interface Tended {
  batchId: string;
  part: string;
}

/** One gesture on one or many containers of the yard. */
export function useTend() {
  const { recordMany } = useRecord();
  const { doneOn } = useDoneOn();
  return async (containers: Tended[], what: Tending, told: string): Promise<boolean> =>
    recordMany(
      [...byBatch(containers)].map(([batch, parts]) => ({
        batch,
        payloads: parts.map((c): EntryPayload => ({ kind: "tended", part: c.part, what })),
      })),
      doneOn,
      told,
      [],
    );
}
