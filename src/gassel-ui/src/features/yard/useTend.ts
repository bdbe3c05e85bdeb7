import { useSite } from "../../api/queries";
import type { EntryPayload, Tending } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { byBatch } from "./yardWords";

interface Tended {
  batchId: string;
  part: string;
}

/** One gesture on one or many containers of the yard. */
export function useTend() {
  const { recordMany } = useRecord();
  const today = useSite().data?.today;
  return async (containers: Tended[], what: Tending, told: string): Promise<boolean> =>
    today !== undefined &&
    recordMany(
      [...byBatch(containers)].map(([batch, parts]) => ({
        batch,
        payloads: parts.map((c): EntryPayload => ({ kind: "tended", part: c.part, what })),
      })),
      today,
      told,
      [],
    );
}
