import type { Problem } from "../api/client";
import type { Recorded } from "../api/types";
import type { Day } from "../time/days";
import { entriesOf } from "./keep";
import type { QueuedAct } from "./keep";

/** What is to become of a waiting act after the book has answered. */
export type Fate = "gone" | "wait" | "object" | "refuse";

/** What the book says of an act: why it was not taken, or what it did. */
export type Answered = { problem: Problem } | { problem: null; recorded: Recorded };

/** Beside the fate, what the book said. */
export interface Sent {
  act: QueuedAct;
  fate: Fate;
  problem: Problem | null;
  /** Null where it was not taken. */
  recorded: Recorded | null;
}

/** What sending needs of the world. */
export interface Outlet {
  read: () => Promise<QueuedAct[]>;
  takeOut: (n: number) => Promise<void>;
  markRefused: (act: QueuedAct, why: string) => Promise<void>;
  markFault: (act: QueuedAct, faults: number) => Promise<void>;
  /** Never throws. */
  post: (act: QueuedAct, ifConflict: "warn" | "keep") => Promise<Answered>;
}

/**
 * Silence, an ended session, too many requests and a fault of the server pass; the act waits. Somebody who stands before the screen
 * is asked about what does not fit. Everything else the book will never take as it is.
 */
export function fateOf(problem: Problem | null, attended: boolean): Fate {
  if (problem === null) return "gone";
  if (problem.status === 0 || problem.status === 401 || problem.status === 429 || problem.status >= 500)
    return "wait";
  return attended ? "object" : "refuse";
}

/** A phone whose clock ran ahead may have dated a recording tomorrow; the last word on the day is the server's. */
export function datedBy(today: Day, act: QueuedAct): QueuedAct {
  if (entriesOf(act).every((entry) => entry.doneOn <= today)) return act;
  return {
    ...act,
    batches: act.batches.map(({ batch, entries }) => ({
      batch,
      entries: entries.map((entry) => (entry.doneOn > today ? { ...entry, doneOn: today } : entry)),
    })),
  };
}

/** So often the book may fail on an act before those behind it no longer wait for it. */
const MOST_FAULTS = 3;

/** True where the act is somebody else's than who is signed in: it waits for its own person, who alone may send it. */
export const isOfAnother = (act: QueuedAct, by: string | null): boolean =>
  by !== null && act.isSigned === true && act.who !== by;

/**
 * Sends what waits, one after the other in the order of recording, until something has to wait. Only the attended act is sent so that the
 * book objects; all else was done already, and what clashes is kept there as a conflict. An act on which the book fails again and again is
 * set aside with the reason, and the others go on.
 * @param by Who is signed in; null where nobody needs to.
 */
export async function sendAll(
  outlet: Outlet,
  today: Day | null,
  attended: string | null,
  by: string | null = null,
): Promise<Sent[]> {
  const sent: Sent[] = [];
  for (const queued of await outlet.read()) {
    if (queued.refused !== null || isOfAnother(queued, by)) continue;
    const act = today === null ? queued : datedBy(today, queued);
    const asked = act.act === attended;
    const answer = await outlet.post(act, asked ? "warn" : "keep");
    const { problem } = answer;
    const faults = problem?.status === 500 ? (queued.faults ?? 0) + 1 : 0;
    const fate = faults >= MOST_FAULTS ? "refuse" : fateOf(problem, asked);
    sent.push({ act, fate, problem, recorded: problem === null ? answer.recorded : null });
    if (fate === "wait") {
      if (faults > 0) await outlet.markFault(queued, faults);
      break;
    }
    if (fate === "refuse") await outlet.markRefused(queued, problem?.detail ?? "");
    else await outlet.takeOut(queued.n);
  }
  return sent;
}

/** What is settled while it waits, without what was taken back meanwhile. */
export function settledWhileWaiting(acts: QueuedAct[]): Set<string> {
  const voided = new Set(
    acts.flatMap((act) =>
      entriesOf(act).flatMap((e) => (e.payload.kind === "void" ? [e.payload.entry] : [])),
    ),
  );
  return new Set(
    acts.filter((act) => !entriesOf(act).some((entry) => voided.has(entry.id))).flatMap((act) => act.settles),
  );
}
