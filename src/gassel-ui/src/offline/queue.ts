import { keep } from "./keep";
import type { QueuedAct, WaitingAct } from "./keep";
import { settledWhileWaiting } from "./sending";

let shown: QueuedAct[] = [];
let settled = new Set<string>();
const listeners = new Set<() => void>();

/** The queue as last read, for the screen. */
export const shownQueue = (): QueuedAct[] => shown;

/** The due things that are settled by what waits. */
export const shownSettled = (): Set<string> => settled;

export function onQueue(tell: () => void): () => void {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** Everything that waits, in the order in which it was recorded. */
export async function readQueue(): Promise<QueuedAct[]> {
  const db = await keep();
  const reading = db.transaction("queue");
  const [keys, acts] = await Promise.all([reading.store.getAllKeys(), reading.store.getAll()]);
  // an empty queue that stays empty moves nothing on the screen
  if (acts.length === 0 && shown.length === 0) return shown;
  shown = acts.map((act, i) => ({ ...act, n: keys[i] ?? 0 }));
  settled = settledWhileWaiting(shown);
  for (const tell of listeners) tell();
  return shown;
}

/** Resolves once the act is on the device's disk. */
export async function enqueue(act: WaitingAct): Promise<number> {
  const db = await keep();
  const writing = db.transaction("queue", "readwrite", { durability: "strict" });
  const n = await writing.store.add(act);
  await writing.done;
  return n;
}

export async function takeOut(n: number): Promise<void> {
  await (await keep()).delete("queue", n);
}

/** Keeps the act and the reason for which the book does not take it; null lets it go out again. */
export async function markRefused(act: QueuedAct, why: string | null): Promise<void> {
  const { n, ...waiting } = act;
  await (
    await keep()
  ).put("queue", { ...waiting, refused: why, ...(why === null && waiting.faults ? { faults: 0 } : {}) }, n);
}

/** Keeps how often the book failed on the act. */
export async function markFault(act: QueuedAct, faults: number): Promise<void> {
  const { n, ...waiting } = act;
  await (await keep()).put("queue", { ...waiting, faults }, n);
}
