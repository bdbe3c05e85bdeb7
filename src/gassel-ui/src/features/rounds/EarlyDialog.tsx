import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import type { StandingPart, StandingDue } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { several } from "../../shared/numbers";

interface EarlyDialogProps {
  name: string;
  step: NonNullable<StandingPart["step"]>;
  day: number;
  shortest: number;
  next: StandingDue["stepKind"];
  goOn: () => void;
  close: () => void;
}

/** Asks before a step is ended that has hardly begun. */
export function EarlyDialog({ name, step, day, shortest, next, goOn, close }: EarlyDialogProps) {
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="early-title">
      <DialogTitle id="early-title">
        {name}: end {stepWords(step)} already?
      </DialogTitle>
      <DialogContent>
        <Typography>
          It has been in this step for {several(day, "day")}. The shortest for this kind is{" "}
          {several(shortest, "day")}.
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={goOn}>
          End it, start {stepWords(next)}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
