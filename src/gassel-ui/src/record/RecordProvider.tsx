import { createContext, lazy, Suspense, useCallback, useContext, useEffect, useMemo, useState } from "react";
import type { ReactNode } from "react";
import { useQueryClient } from "@tanstack/react-query";
import type { Problem } from "../api/client";
import { roundsQuery, sessionQuery, siteQuery, useSession } from "../book/queries";
import type { EntryPayload } from "../api/types";
import { entriesOf } from "../offline/keep";
import type { WaitingAct } from "../offline/keep";
import { readQueue, shownQueue } from "../offline/queue";
import { keepTrying } from "../offline/retry";
import { useConnection } from "../offline/useConnection";
import { useWho } from "../people/usePerson";
import type { Day } from "../time/days";
import { gesture } from "./entries";
import { newId } from "./newId";
import { standing } from "./recent";
import { momentAt } from "./moment";
import { ToldStrip } from "./ToldStrip";
import type { SiteNow } from "./moment";
import { afterRecording } from "./afterRecording";
import { flush, sendOrKeep } from "./outbox";
import type { OutboxGround } from "./outbox";

const Objection = lazy(() => import("./Objection").then((m) => ({ default: m.Objection })));

/** What one gesture says of one batch. */
export interface BatchPayloads {
  batch: string;
  payloads: EntryPayload[];
}

interface Recorder {
  /** Records the entries of one gesture. Resolves to true once they are in the book, or kept on this device until they can be. */
  record: (
    batch: string,
    payloads: EntryPayload[],
    doneOn: Day,
    told: string,
    settles?: string,
  ) => Promise<boolean>;
  /** One gesture on many batches: saved together or not at all. */
  recordMany: (batches: BatchPayloads[], doneOn: Day, told: string, settles: string[]) => Promise<boolean>;
  /** Takes entries back; what stands on them is offered along. */
  takeBack: (batch: string, ids: string[], today: Day) => Promise<boolean>;
  /** Takes a whole gesture back, on all its batches. */
  takeBackAct: (act: WaitingAct) => Promise<boolean>;
  /** Sends what waits. */
  sendWaiting: () => Promise<void>;
}

/** What was just recorded rests so long, so that the next thing does not come under the same thumb. */
const REST_MS = 1500;

const voids = (ids: string[]): EntryPayload[] => ids.map((entry) => ({ kind: "void", entry }));

const RecordContext = createContext<Recorder | null>(null);

const RestContext = createContext<ReadonlySet<string>>(new Set());

/** True for a moment after something was recorded of the batch. */
export const useRests = (batch: string): boolean => useContext(RestContext).has(batch);

export function useRecord(): Recorder {
  const recorder = useContext(RecordContext);
  if (!recorder) throw new Error("useRecord outside RecordProvider");
  return recorder;
}

/** What was recorded on this page and not taken back, the newest first. */
const RecentContext = createContext<readonly WaitingAct[]>([]);

export const useRecent = (): readonly WaitingAct[] => useContext(RecentContext);

const isVoid = (act: WaitingAct) => entriesOf(act)[0]?.payload.kind === "void";

/** Sends recordings or keeps them, tells what was recorded with a way back, and asks where something does not fit. */
export function RecordProvider({ children }: { children: ReactNode }) {
  const who = useWho();
  const queries = useQueryClient();
  const { reached } = useConnection();
  const isIn = useSession().data?.role !== null;
  const [done, setDone] = useState<{ act: WaitingAct; waits: boolean; why: string | null } | null>(null);
  const [objection, setObjection] = useState<{ act: WaitingAct; problem: Problem } | null>(null);

  const [recent, setRecent] = useState<readonly WaitingAct[]>([]);
  const shown = useMemo(() => standing(recent), [recent]);
  const [resting, setResting] = useState<ReadonlySet<string>>(new Set());

  const ground = useCallback(
    (): OutboxGround => ({
      today: queries.getQueryData<{ today: Day }>(siteQuery.queryKey)?.today ?? null,
      by: queries.getQueryData<{ name: string | null }>(sessionQuery.queryKey)?.name ?? null,
      // off the screen they are asked for again when they are opened
      shows: (queryKey) => (queries.getQueryCache().find({ queryKey })?.getObserversCount() ?? 0) > 0,
      renewSession: () => queries.fetchQuery({ ...sessionQuery, staleTime: 0 }),
    }),
    [queries],
  );

  const send = useCallback(
    async (act: WaitingAct, ifConflict: "warn" | "keep" = "warn"): Promise<boolean> => {
      const { fate, problem, recorded } = await sendOrKeep(act, ground(), ifConflict);
      if (fate === "object" || fate === "refuse") {
        if (problem) setObjection({ act, problem });
        return false;
      }
      setObjection(null);
      setRecent((acts) => [...acts, act]);
      setResting(new Set(act.batches.map((b) => b.batch)));
      setTimeout(() => setResting(new Set()), REST_MS);
      setDone({ act, waits: fate === "wait", why: problem && problem.status >= 500 ? problem.detail : null });
      if (fate === "gone") await afterRecording(queries, act, recorded);
      if (problem?.status === 401) await queries.invalidateQueries({ queryKey: sessionQuery.queryKey });
      return true;
    },
    [ground, queries],
  );

  const sendWaiting = useCallback(async () => {
    if (shownQueue().every((act) => act.refused !== null)) return;
    const sent = await flush(ground());
    if (sent.some(({ fate }) => fate === "gone")) await queries.invalidateQueries();
    if (sent.at(-1)?.problem?.status === 401)
      await queries.invalidateQueries({ queryKey: sessionQuery.queryKey });
  }, [ground, queries]);

  const recorder = useMemo<Recorder>(() => {
    const act = (batches: BatchPayloads[], doneOn: Day, told: string, settles: string[]): WaitingAct => {
      const moment = momentAt(queries.getQueryData<SiteNow>(siteQuery.queryKey), doneOn);
      return {
        act: newId(),
        who,
        isSigned: ground().by !== null,
        batches: batches.map((b) => ({ batch: b.batch, entries: gesture(b.payloads, doneOn, moment) })),
        told,
        settles,
        refused: null,
      };
    };
    return {
      record: (batch, payloads, doneOn, told, settles) =>
        send(act([{ batch, payloads }], doneOn, told, settles ? [settles] : [])),
      recordMany: (batches, doneOn, told, settles) => send(act(batches, doneOn, told, settles)),
      takeBack: (batch, ids, today) => send(act([{ batch, payloads: voids(ids) }], today, "Undone", [])),
      takeBackAct: (done) =>
        send(
          act(
            done.batches.map((b) => ({ batch: b.batch, payloads: voids(b.entries.map((e) => e.id)) })),
            entriesOf(done)[0]?.doneOn ?? "",
            "Undone",
            [],
          ),
        ),
      sendWaiting,
    };
  }, [ground, queries, send, sendWaiting, who]);

  // what was left from before this page was opened, and what gathered while nobody answered or nobody was signed in
  useEffect(() => {
    if (!reached || !isIn) return;
    void readQueue()
      .then(sendWaiting)
      .catch(() => undefined);
    void queries.invalidateQueries({ queryKey: roundsQuery.queryKey });
    return keepTrying(sendWaiting);
  }, [reached, isIn, sendWaiting, queries]);

  return (
    <RecordContext.Provider value={recorder}>
      <RestContext.Provider value={resting}>
        <RecentContext.Provider value={shown}>{children}</RecentContext.Provider>
      </RestContext.Provider>
      {done && (
        <ToldStrip
          key={done.act.act}
          told={
            done.waits
              ? `${done.act.told}: kept on this device and sent again automatically. ${done.why ?? "Gassel does not answer."}`
              : done.act.told
          }
          undo={isVoid(done.act) ? "Redo" : "Undo"}
          onUndo={() => {
            setDone(null);
            void recorder.takeBackAct(done.act);
          }}
          close={() => setDone(null)}
        />
      )}
      {objection && (
        <Suspense>
          <Objection
            problem={objection.problem}
            isVoid={isVoid(objection.act)}
            close={() => setObjection(null)}
            keepAsConflict={() => void send(objection.act, "keep")}
            takeBackAll={(ids) =>
              void recorder.takeBack(
                objection.act.batches[0]?.batch ?? "",
                ids,
                entriesOf(objection.act)[0]?.doneOn ?? "",
              )
            }
          />
        </Suspense>
      )}
    </RecordContext.Provider>
  );
}
