import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle } from "@mui/material";
import { useRecord } from "../../record/RecordProvider";
import { MeasureField } from "../../shared/MeasureField";
import type { Day } from "../../time/days";

interface HeightDialogProps {
  batch: { id: string; number: number; commonName: string };
  part: string;
  doneOn: Day;
  settles?: string;
  close: () => void;
}

/** How tall the plants stand. */
export function HeightDialog({ batch, part, doneOn, settles, close }: HeightDialogProps) {
  const { record } = useRecord();
  const [heightCm, setHeight] = useState<number | null>(null);
  const name = `B-${batch.number} ${batch.commonName}`;
  const send = () => {
    if (heightCm === null) return;
    close();
    void record(
      batch.id,
      [{ kind: "measured", part, heightMm: 10 * heightCm }],
      doneOn,
      `${name}: height recorded`,
      settles,
    );
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="height-title">
      <DialogTitle id="height-title">{name}: how tall are they?</DialogTitle>
      <DialogContent sx={{ pt: "8px !important" }}>
        <MeasureField
          label="Height"
          name="height"
          measure="width"
          value={heightCm}
          onChange={setHeight}
          min={0.1}
          max={500}
          helper="from the mix to the tip, as most of them are"
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" disabled={heightCm === null} onClick={send}>
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
