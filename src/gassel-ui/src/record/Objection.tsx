import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { Refused } from "../api/client";
import type { Problem } from "../api/client";
import { Failure } from "../shared/Failure";
import { shortDay } from "../time/days";

interface ObjectionProps {
  problem: Problem;
  /** True where something was to be taken back. */
  isVoid: boolean;
  keepAsConflict: () => void;
  takeBackAll: (entries: string[]) => void;
  close: () => void;
}

/** The book objects to what was just recorded: nothing is saved until the grower says how it was. */
export function Objection({ problem, isVoid, keepAsConflict, takeBackAll, close }: ObjectionProps) {
  const chain = isVoid ? (problem.chain ?? []) : [];
  return (
    <Dialog open onClose={close} aria-labelledby="objection-title">
      <DialogTitle id="objection-title">
        {chain.length > 0 ? "Other entries depend on this one" : problem.title}
      </DialogTitle>
      <DialogContent>
        {chain.length > 0 ? (
          <>
            <Typography>Without it these could not be true. You can undo them together:</Typography>
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
            <Failure error={new Refused(problem)} />
            <Typography sx={{ mt: 1.5 }}>Nothing was saved.</Typography>
          </>
        )}
      </DialogContent>
      <DialogActions sx={{ flexWrap: "wrap", gap: 1 }}>
        {problem.status === 409 && !isVoid && (
          <Button onClick={keepAsConflict}>It did happen: keep it as a conflict</Button>
        )}
        {chain.length > 0 && (
          <Button onClick={() => takeBackAll(chain.map((entry) => entry.id))}>Undo all {chain.length}</Button>
        )}
        <Button variant="contained" onClick={close}>
          Change it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
