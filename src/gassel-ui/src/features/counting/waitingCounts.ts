import { useQueue } from "../../offline/useQueue";
import type { QueuedAct } from "../../offline/keep";
import type { Day } from "../../time/days";

/** A count that waits on this device. */
export interface WaitingCount {
  entry: string;
  on: Day;
  emerged: number;
  lost: number;
}

/** Counts of a part among what waits, the newest first, without those taken back. */
export function countsWaiting(queue: QueuedAct[], batch: string, part: string): WaitingCount[] {
  const entries = queue
    .flatMap((act) => act.batches)
    .filter((b) => b.batch === batch)
    .flatMap((b) => b.entries);
  const voided = new Set(entries.flatMap((e) => (e.payload.kind === "void" ? [e.payload.entry] : [])));
  return entries
    .flatMap(({ id, doneOn, payload }) =>
      payload.kind === "count" && payload.part === part && !voided.has(id)
        ? [{ entry: id, on: doneOn, emerged: payload.emerged, lost: payload.lost }]
        : [],
    )
    .reverse();
}

export function useWaitingCounts(): (tray: { batchId: string; part: string }) => WaitingCount[] {
  const queue = useQueue();
  return (tray) => countsWaiting(queue, tray.batchId, tray.part);
}
