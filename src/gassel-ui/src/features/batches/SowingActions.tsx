import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import type { EntryPayload, PartView } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { NumberField } from "../../shared/NumberField";
import { useDoneOn } from "../../record/DoneOn";
import { SecondColdDialog } from "./SecondColdDialog";

interface SowingActionsProps {
  batch: string;
  number: number;
  part: PartView;
}

/** What is done with a sowing beside counting it: the dome off, a few seeds cut, kept to the next spring, given up. */
export function SowingActions({ batch, number, part }: SowingActionsProps) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const [dialog, setDialog] = useState<"cut" | "close" | "cold" | null>(null);
  const { state, result } = part;
  const left = state.seeds - state.germinated;
  const say = (payload: EntryPayload, told: string) => void record(batch, [payload], doneOn, told);
  const cutFirst = !state.cut && left > 0;
  const keeps = result?.advice?.kind === "keepToNextSpring";
  if (state.closedOn) return null;
  return (
    <>
      {state.isDomed && (
        <Button
          size="small"
          onClick={() => say({ kind: "domeOff", part: state.id }, `B-${number}: dome off`)}
        >
          Dome off
        </Button>
      )}
      {left > 0 && (
        <Button size="small" onClick={() => setDialog("cut")}>
          Cut test
        </Button>
      )}
      {part.secondCold && (
        <Button
          size="small"
          variant={result?.advice?.kind === "secondCold" ? "outlined" : "text"}
          onClick={() => setDialog("cold")}
        >
          Second cold
        </Button>
      )}
      {left > 0 && !state.keptOn && (
        <Button
          size="small"
          variant={keeps ? "outlined" : "text"}
          onClick={() =>
            say({ kind: "sowingKept", part: state.id }, `B-${number}: finished for this spring, kept`)
          }
        >
          Keep for next spring
        </Button>
      )}
      <Button size="small" onClick={() => setDialog("close")}>
        Stop waiting for this seed
      </Button>
      {dialog === "cut" && (
        <CutDialog
          most={left}
          title={`B-${number}: seeds cut open`}
          close={() => setDialog(null)}
          send={(cut) =>
            say(
              { kind: "cutTested", part: state.id, ...cut },
              `B-${number}: ${cut.full + cut.empty + cut.rotten} seeds cut`,
            )
          }
        />
      )}
      {dialog === "cold" && part.secondCold && (
        <SecondColdDialog
          number={number}
          offer={part.secondCold}
          left={left}
          standing={state.standing}
          close={() => setDialog(null)}
          send={(days, place) => {
            setDialog(null);
            say(
              { kind: "coldAgain", part: state.id, days, place: place.id, vessel: null },
              `B-${number}: in its second cold at ${place.inSentence}`,
            );
          }}
        />
      )}
      {dialog === "close" && (
        <Dialog open onClose={() => setDialog(null)} aria-labelledby="close-title">
          <DialogTitle id="close-title">B-{number}: no longer waiting for its seed</DialogTitle>
          <DialogContent>
            {cutFirst && (
              <Typography sx={{ fontWeight: 600, mb: 1 }} data-testid="cut-first">
                Cut a few of the {left} seeds first: full and firm means alive, and then a second cold or
                another spring may bring them.
              </Typography>
            )}
            {keeps && (
              <Typography sx={{ mb: 1 }}>
                Seed of this kind should wait for its second spring: keep it instead.
              </Typography>
            )}
            <Typography>
              Counting ends here; living seedlings stay. The result of the batch is worked out from now on.
            </Typography>
          </DialogContent>
          <DialogActions data-testid="close-actions">
            <Button onClick={() => setDialog(null)}>Cancel</Button>
            {cutFirst && <Button onClick={() => setDialog("cut")}>Cut test</Button>}
            <Button
              variant={cutFirst || keeps ? "outlined" : "contained"}
              onClick={() => {
                setDialog(null);
                say({ kind: "sowingClosed", part: state.id }, `B-${number}: stopped waiting for its seed`);
              }}
            >
              Stop waiting
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}

interface CutDialogProps {
  most: number;
  title: string;
  send: (cut: { full: number; empty: number; rotten: number }) => void;
  close: () => void;
}

function CutDialog({ most, title, send, close }: CutDialogProps) {
  const [full, setFull] = useState<number | null>(null);
  const [empty, setEmpty] = useState<number | null>(null);
  const [rotten, setRotten] = useState<number | null>(null);
  const all = (full ?? 0) + (empty ?? 0) + (rotten ?? 0);
  const limits = { min: 0, max: most };
  return (
    <Dialog open onClose={close} aria-labelledby="cut-title">
      <DialogTitle id="cut-title">{title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1 }}>
        <Typography>
          Ten or twenty seeds are enough. Cut seed is left out of the result. Blade away from the hand; hold
          the seed in a clamp.
        </Typography>
        <NumberField label="Full and firm" name="full" value={full} onChange={setFull} {...limits} />
        <NumberField label="Empty" name="empty" value={empty} onChange={setEmpty} {...limits} />
        <NumberField label="Rotten" name="rotten" value={rotten} onChange={setRotten} {...limits} />
        {all > most && <Typography role="alert">Only {most} seeds are left to cut.</Typography>}
      </DialogContent>
      <DialogActions data-testid="cut-actions">
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={all === 0 || all > most}
          onClick={() => {
            close();
            send({ full: full ?? 0, empty: empty ?? 0, rotten: rotten ?? 0 });
          }}
        >
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
