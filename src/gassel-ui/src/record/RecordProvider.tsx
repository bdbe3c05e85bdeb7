import { createContext, useCallback, useContext, useMemo, useState } from "react";
import type { ReactNode } from "react";
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Snackbar,
  Typography,
} from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api, Refused } from "../api/client";
import type { Problem } from "../api/client";
import type { EntryPayload } from "../api/types";
import { useDevice } from "../app/DeviceContext";
import { Failure } from "../shared/Failure";
import { shortDay } from "../time/days";
import type { Day } from "../time/days";
import { gesture, uuid7 } from "./entries";
import type { EntryToSend } from "./entries";

/** One gesture on its way: kept so that it can be sent again unchanged. */
interface Act {
  batch: string;
  act: string;
  entries: EntryToSend[];
  told: string;
}

interface Recorder {
  /** Records the entries of one gesture. Resolves to true once they are in the book. */
  record: (batch: string, payloads: EntryPayload[], doneOn: Day, told: string) => Promise<boolean>;
  /** Takes entries back; what stands on them is offered along. */
  takeBack: (batch: string, ids: string[], today: Day) => Promise<boolean>;
}

const RecordContext = createContext<Recorder | null>(null);

export function useRecord(): Recorder {
  const recorder = useContext(RecordContext);
  if (!recorder) throw new Error("useRecord outside RecordProvider");
  return recorder;
}

/** Sends recordings, tells what was recorded with a way back, and asks where something does not fit. */
export function RecordProvider({ children }: { children: ReactNode }) {
  const { who } = useDevice();
  const queries = useQueryClient();
  const [done, setDone] = useState<Act | null>(null);
  const [objection, setObjection] = useState<{ act: Act; problem: Problem } | null>(null);

  const send = useCallback(
    async (act: Act, ifConflict: "warn" | "keep"): Promise<boolean> => {
      try {
        await answered(
          api.POST("/api/batches/{id}/entries", {
            params: { path: { id: act.batch } },
            body: { act: act.act, who, entries: act.entries, ifConflict },
          }),
        );
      } catch (refused) {
        if (!(refused instanceof Refused)) throw refused;
        setObjection({ act, problem: refused.problem });
        return false;
      }
      setObjection(null);
      setDone(act);
      await queries.invalidateQueries();
      return true;
    },
    [queries, who],
  );

  const recorder = useMemo<Recorder>(
    () => ({
      record: (batch, payloads, doneOn, told) =>
        send({ batch, act: uuid7(), entries: gesture(payloads, doneOn), told }, "warn"),
      takeBack: (batch, ids, today) =>
        send(
          {
            batch,
            act: uuid7(),
            entries: gesture(
              ids.map((entry) => ({ kind: "void", entry })),
              today,
            ),
            told: "Taken back",
          },
          "warn",
        ),
    }),
    [send],
  );

  const chain = objection?.problem.chain ?? [];
  const isVoid = objection?.act.entries[0]?.payload.kind === "void";
  const canKeep = objection?.problem.status === 409 && !isVoid;
  return (
    <RecordContext.Provider value={recorder}>
      {children}
      <Snackbar
        key={done?.act}
        open={done !== null}
        autoHideDuration={8000}
        onClose={(_, reason) => reason !== "clickaway" && setDone(null)}
        message={done?.told}
        sx={{ mb: { xs: 7, md: 0 } }}
        action={
          done && (
            <Button
              color="inherit"
              sx={{ textDecoration: "underline" }}
              onClick={() => {
                const ids = done.entries.map((entry) => entry.id);
                setDone(null);
                void recorder.takeBack(done.batch, ids, done.entries[0]?.doneOn ?? "");
              }}
            >
              {done.told === "Taken back" ? "put it back" : "take back"}
            </Button>
          )
        }
      />
      <Dialog open={objection !== null} onClose={() => setObjection(null)} aria-labelledby="objection-title">
        <DialogTitle id="objection-title">
          {isVoid && chain.length > 0 ? "Other entries stand on this one" : (objection?.problem.title ?? "")}
        </DialogTitle>
        <DialogContent>
          {isVoid && chain.length > 0 ? (
            <>
              <Typography>Without it these could not be true. They can be taken back together:</Typography>
              <ul>
                {chain.map((entry) => (
                  <li key={entry.id}>
                    {shortDay(entry.doneOn)}: {entry.words}
                  </li>
                ))}
              </ul>
            </>
          ) : (
            <>
              <Failure error={objection && new Refused(objection.problem)} />
              <Typography sx={{ mt: 1.5 }}>Nothing was saved.</Typography>
            </>
          )}
        </DialogContent>
        <DialogActions sx={{ flexWrap: "wrap", gap: 1 }}>
          {canKeep && (
            <Button onClick={() => objection && void send(objection.act, "keep")}>
              it was so: keep it as a conflict
            </Button>
          )}
          {isVoid && chain.length > 0 && (
            <Button
              onClick={() => {
                if (!objection) return;
                const { act } = objection;
                void recorder.takeBack(
                  act.batch,
                  chain.map((entry) => entry.id),
                  act.entries[0]?.doneOn ?? "",
                );
              }}
            >
              take back all {chain.length}
            </Button>
          )}
          <Button variant="contained" onClick={() => setObjection(null)}>
            change it
          </Button>
        </DialogActions>
      </Dialog>
    </RecordContext.Provider>
  );
}
