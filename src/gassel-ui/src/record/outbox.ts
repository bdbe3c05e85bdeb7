import { answered, api, Refused } from "../api/client";
import type { Problem } from "../api/client";
import { batchQuery, roundsQuery } from "../book/queries";
import { currentConnection, heardNothing, heardSomething } from "../offline/connection";
import type { QueuedAct, WaitingAct } from "../offline/keep";
import { forgetPhotos, sendPhotos } from "../offline/photos";
import { enqueue, markFault, markRefused, readQueue, takeOut } from "../offline/queue";
import { sendAll } from "../offline/sending";
import type { Answered, Sent } from "../offline/sending";
import type { Day } from "../time/days";

const PATIENCE_MS = 10_000;
const PHOTO_PATIENCE_MS = 60_000;

/** One sender at a time over all tabs of this browser, so that nothing goes out twice or out of order. */
const alone = async (work: () => Promise<Sent[]>): Promise<Sent[]> =>
  "locks" in navigator ? await navigator.locks.request("gassel.sending", work) : await work();

const noAnswer = (): Problem => ({ status: 0, title: "No answer", detail: "Gassel does not answer." });

async function post(act: WaitingAct, ifConflict: "warn" | "keep", ground: OutboxGround): Promise<Answered> {
  try {
    const [only, ...others] = act.batches;
    await sendPhotos(act, AbortSignal.timeout(PHOTO_PATIENCE_MS));
    const signal = AbortSignal.timeout(PATIENCE_MS);
    const query = { rounds: ground.shows(roundsQuery.queryKey) };
    const recorded = await answered(
      only && others.length === 0
        ? api.POST("/api/batches/{id}/entries", {
            params: {
              path: { id: only.batch },
              query: { ...query, batch: ground.shows(batchQuery(only.batch).queryKey) },
            },
            body: { act: act.act, who: act.who, entries: only.entries, ifConflict },
            signal,
          })
        : api.POST("/api/entries", {
            params: { query },
            body: { act: act.act, who: act.who, batches: act.batches, ifConflict },
            signal,
          }),
    );
    heardSomething();
    await forgetPhotos(act);
    return { problem: null, recorded };
  } catch (refused) {
    if (!(refused instanceof Refused)) return { problem: noAnswer() };
    if (refused.problem.status === 0) heardNothing();
    return { problem: refused.problem };
  }
}

/** What the outbox needs from the page. */
export interface OutboxGround {
  /** The server's day; null while nobody has heard it. */
  today: Day | null;
  /** Who is signed in; null where nobody needs to. */
  by: string | null;
  /** True where the answer to a question is on the screen, and wants to be told what changes of it. */
  shows: (queryKey: readonly unknown[]) => boolean;
  /** Asks for the session anew, and with it for its token. */
  renewSession: () => Promise<unknown>;
}

const isOfAnotherSession = (problem: Problem | null) => problem?.status === 400 && problem.field === "token";

/** Sends everything that waits; the attended act is asked about where it does not fit. */
export const flush = (ground: OutboxGround, attended: string | null = null): Promise<Sent[]> =>
  alone(async () => {
    const sent = await sendAll(
      {
        read: readQueue,
        takeOut,
        markRefused,
        markFault,
        post: async (act, ifConflict) => {
          const answer = await post(act, ifConflict, ground);
          if (!isOfAnotherSession(answer.problem)) return answer;
          await ground.renewSession();
          const again = await post(act, ifConflict, ground);
          return isOfAnotherSession(again.problem) ? { problem: { ...noAnswer(), status: 401 } } : again;
        },
      },
      ground.today,
      attended,
      ground.by,
    );
    await readQueue();
    return sent;
  });

/**
 * Puts an act on this device's disk first and sends it then, behind what waits already.
 * @param ifConflict `keep` where the grower has said that it was so.
 */
export async function sendOrKeep(
  act: WaitingAct,
  ground: OutboxGround,
  ifConflict: "warn" | "keep",
): Promise<Sent> {
  const kept = await enqueue(act).catch(() => null);
  const queued: QueuedAct = { ...act, n: kept ?? 0 };
  if (kept === null) {
    // this browser keeps nothing, so all there is is to send it now
    const answer = await post(act, ifConflict, ground);
    return answer.problem === null
      ? { act: queued, fate: "gone", problem: null, recorded: answer.recorded }
      : { act: queued, fate: "object", problem: answer.problem, recorded: null };
  }
  const mine = currentConnection().reached
    ? (await flush(ground, ifConflict === "warn" ? act.act : null)).find((sent) => sent.act.act === act.act)
    : undefined;
  if (mine) return mine;
  await readQueue();
  return { act: queued, fate: "wait", problem: null, recorded: null };
}
