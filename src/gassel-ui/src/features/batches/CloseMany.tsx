import { useState } from "react";
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  TextField,
  Typography,
} from "@mui/material";
import type { ActingPart } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { several } from "../../shared/numbers";
import type { Day } from "../../time/days";

interface CloseManyProps {
  parts: ActingPart[];
  today: Day;
  close: (isDone: boolean) => void;
}

const batchesOf = (parts: ActingPart[]) => [...new Set(parts.map((part) => part.batchId))];

/** Closes the books of all that are chosen and were sown. */
export function CloseMany({ parts, today, close }: CloseManyProps) {
  const { recordMany } = useRecord();
  const [words, setWords] = useState("");
  const sown = batchesOf(parts.filter((part) => part.closes));
  const rest = batchesOf(parts).length - sown.length;
  const send = async () => {
    const closed = { kind: "closed" as const, words: words.trim() || null };
    const batches = sown.map((batch) => ({ batch, payloads: [closed] }));
    if (await recordMany(batches, today, `${several(sown.length, "batch", "batches")}: books closed`, []))
      close(true);
  };
  return (
    <Dialog open onClose={() => close(false)} fullWidth maxWidth="xs" aria-labelledby="close-many">
      <DialogTitle id="close-many">
        {sown.length > 0
          ? `Close the books of ${several(sown.length, "batch", "batches")}`
          : "None of these was sown yet"}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        {sown.length > 0 && (
          <>
            <Typography>
              Nothing more can be recorded of them until you undo the closing. Their results are used in the
              next plan.
            </Typography>
            <TextField
              label="Notes on the season"
              name="words"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </>
        )}
        {rest > 0 && (
          <Typography>
            {several(rest, "batch", "batches")} without a sowing {rest === 1 ? "stays" : "stay"} open.
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={() => close(false)}>Cancel</Button>
        {sown.length > 0 && (
          <Button variant="contained" onClick={() => void send()}>
            Close the books
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
