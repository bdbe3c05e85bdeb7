import type { Query, QueryClient } from "@tanstack/react-query";
import type { Recorded, RoundsView } from "../api/types";
import { batchQuery, roundsQuery } from "../book/queries";
import { isAlone, withChange } from "../book/roundsChange";
import { keepAnswer } from "../offline/answers";
import { entriesOf } from "../offline/keep";
import type { WaitingAct } from "../offline/keep";

/** What no entry of a batch changes; asked for again only for other reasons. */
const STANDS: ReadonlySet<unknown> = new Set([
  "session",
  "site",
  "forecast",
  "forecastService",
  "hardiness",
  "thermometers",
  "broker",
  "messages",
  "place-kinds",
  "places",
  "symptoms",
  "network",
  "species",
  "mix",
  "weather-records",
  "frost",
  "collecting-caution",
]);

/** Rests so long before what is kept on the device follows; a round is many taps. */
const KEEP_MS = 2_000;

let keeping: ReturnType<typeof setTimeout> | undefined;

/**
 * Puts what a gesture made otherwise in its place on Rounds and on the page of its batch, and asks again for nothing but what is on the
 * screen and may have changed by it; the rest is asked for when it is opened next.
 *
 * @param recorded Null where the book said nothing; then all is asked for again.
 */
export async function afterRecording(
  queries: QueryClient,
  act: WaitingAct,
  recorded: Recorded | null,
): Promise<void> {
  if (!recorded) {
    await queries.invalidateQueries();
    return;
  }
  const change = recorded.rounds;
  const rounds = queries.getQueryData<RoundsView>(roundsQuery.queryKey);
  const isTold = change !== null && rounds !== undefined && isAlone(rounds, change, entriesOf(act).length);
  if (isTold) {
    // an answer on its way was reckoned before the gesture
    await queries.cancelQueries({ queryKey: roundsQuery.queryKey, exact: true });
    const heardAt = queries.getQueryState(roundsQuery.queryKey)?.dataUpdatedAt;
    const now = queries.setQueryData(
      roundsQuery.queryKey,
      withChange(rounds, change),
      // weather and readings are as old as they were
      heardAt === undefined ? {} : { updatedAt: heardAt },
    );
    clearTimeout(keeping);
    keeping = setTimeout(() => void keepAnswer("rounds", now, Date.now()), KEEP_MS);
  }
  const touched = new Set(act.batches.map((b) => b.batch));
  const told = act.batches[0]?.batch;
  if (recorded.batch && told) {
    const { queryKey } = batchQuery(told);
    await queries.cancelQueries({ queryKey, exact: true });
    queries.setQueryData(queryKey, recorded.batch);
    touched.delete(told);
  }
  await queries.invalidateQueries({ predicate: (query) => mayChange(query, touched, isTold) });
}

/**
 * False for Rounds of today where they are told already, for what no entry changes, and for other batches by themselves. What stands under
 * the name of something that no entry changes, such as the results of a species, may change.
 *
 * @param touched Batches of the gesture that are not told already.
 */
export function mayChange(
  { queryKey: [room, id, more] }: Pick<Query, "queryKey">,
  touched: ReadonlySet<string>,
  isTold: boolean,
): boolean {
  if (STANDS.has(room) && id === undefined) return false;
  if (room === "rounds") return id !== undefined || !isTold;
  // a batch alone by its id; the lists stand under a word
  if (room === "batches" && typeof id === "string" && isId(id) && more === undefined) return touched.has(id);
  return true;
}

const isId = (text: string): boolean => /^[0-9a-f]{8}-/.test(text);
