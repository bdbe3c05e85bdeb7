import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import type { ActingPart } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { several } from "../../shared/numbers";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { LookFields } from "../rounds/LookFields";
import { looks, usualLook } from "../rounds/water";
import type { Look } from "../rounds/water";

interface WaterManyProps {
  parts: ActingPart[];
  doneOn: Day;
  today: Day;
  close: (isDone: boolean) => void;
}

/** One look at the water of all that are chosen. */
export function WaterMany({ parts, doneOn, today, close }: WaterManyProps) {
  const { recordMany } = useRecord();
  const [look, setLook] = useState<Look>(usualLook("dry"));
  const watered = parts.filter((part) => part.waters);
  const rest = parts.length - watered.length;
  const send = async () => {
    const batches = looks(
      watered.map((part) => ({ batch: part.batchId, part: part.part })),
      () => look,
    );
    const told = `${several(watered.length, "vessel")}: ${look.given === "none" ? "water looked at" : WORDS.WaterGiven[look.given]}`;
    if (await recordMany(batches, doneOn, told, [])) close(true);
  };
  return (
    <Dialog open onClose={() => close(false)} fullWidth maxWidth="xs" aria-labelledby="water-many">
      <DialogTitle id="water-many">
        {watered.length > 0
          ? `Water of ${several(watered.length, "vessel")}`
          : "Nothing here is watered by hand"}
        {doneOn === today ? "" : `, ${nearDay(doneOn, today)}`}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        {watered.length > 0 && <LookFields of="all of them" name="given-many" look={look} change={setLook} />}
        {rest > 0 && (
          <Typography>
            {rest === 1 ? "One other is" : `${rest} others are`} not sown yet, closed, or out in a winter
            container. Those are left out.
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={() => close(false)}>Cancel</Button>
        {watered.length > 0 && (
          <Button variant="contained" onClick={() => void send()}>
            Record
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
