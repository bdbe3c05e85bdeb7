import { WordsField } from "../../shared/WordsField";
import { useState } from "react";
import type { ReactNode } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";

interface CloseDialogProps {
  /** What is closed: "B-7", "3 batches"; null where nothing can be. */
  what: string | null;
  children?: ReactNode;
  /** Closes the books, with notes on the season or null. */
  send: (words: string | null) => void;
  close: () => void;
}

/** Closing books: after it nothing more is recorded of them. */
export function CloseDialog({ what, children, send, close }: CloseDialogProps) {
  const [words, setWords] = useState("");
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="close-title">
      <DialogTitle id="close-title">
        {what === null ? "None of these was sown yet" : `Close the books of ${what}`}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        {what !== null && (
          <>
            <Typography>
              Nothing more can be recorded until you undo the closing in the log. The results are used in the
              next plan.
            </Typography>
            <WordsField label="Notes on the season" name="words" value={words} onChange={setWords} />
          </>
        )}
        {children}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        {what !== null && (
          <Button variant="contained" onClick={() => send(words.trim() || null)}>
            Close the books
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
