import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import type { StandingPart } from "../../api/types";
import { lookForSwelling } from "../../record/entries";
import { useRecord } from "../../record/RecordProvider";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";

interface SwellingDialogProps {
  part: StandingPart;
  doneOn: Day;
  today: Day;
  settles: string;
  close: () => void;
}

/** After the soak: how many took water. The part divides, and each half is asked for what comes next. */
export function SwellingDialog({ part, doneOn, today, settles, close }: SwellingDialogProps) {
  const { record } = useRecord();
  const [swollen, setSwollen] = useState<number | null>(null);
  const name = `B-${part.number} ${part.commonName}`;
  const rest = part.seeds - (swollen ?? 0);
  const send = async () => {
    if (swollen === null) return;
    close();
    await record(
      part.batchId,
      lookForSwelling(part, swollen),
      doneOn,
      `${name}: ${swollen} of ${part.seeds} swollen`,
      settles,
    );
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="swelling-title">
      <DialogTitle id="swelling-title">
        {name}: how many have swollen {nearDay(doneOn, today)}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        <Typography>
          Swollen and paler has taken water; small and dark has not. Lay the two apart as you count.
        </Typography>
        <NumberField
          label={`Swollen, of ${several(part.seeds, "seed")}`}
          name="swollen"
          value={swollen}
          onChange={setSwollen}
          min={0}
          max={part.seeds}
        />
        {swollen !== null && (
          <Typography data-testid="swelling-follows">
            {swollen > 0 && `${several(swollen, "swollen seed")} go on today or tomorrow. `}
            {rest > 0 &&
              `${several(rest, "seed")} took no water and ${rest === 1 ? "is" : "are"} ready for another cycle.`}
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" disabled={swollen === null} onClick={() => void send()}>
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
