import { useState } from "react";
import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  TextField,
  Typography,
} from "@mui/material";
import { Link } from "react-router";
import type { BatchView } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { tallyWords } from "../plants/plantWords";

/** Closing the books of a batch: after it nothing more is recorded of it. */
export function CloseBooks({ batch, today }: { batch: BatchView; today: Day }) {
  const { record } = useRecord();
  const [asked, setAsked] = useState(false);
  const [words, setWords] = useState("");
  const { summary, booksClosedOn, plants } = batch;
  if (booksClosedOn !== null) {
    return (
      <Card label="the books">
        <Typography data-testid="books-closed">
          Its books were closed {actDay(booksClosedOn, today)}.{" "}
          <Link to={`/batches/${summary.id}/books`} style={{ color: "inherit" }}>
            Its books on a page
          </Link>
        </Typography>
      </Card>
    );
  }
  if (!batch.parts.some((part) => part.state.sownOn !== null)) return null;
  return (
    <>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button variant="outlined" component={Link} to={`/batches/${summary.id}/books`}>
          Its books
        </Button>
        <Button variant="outlined" onClick={() => setAsked(true)}>
          Close the books of this batch
        </Button>
      </Box>
      {asked && (
        <Dialog open onClose={() => setAsked(false)} fullWidth maxWidth="xs" aria-labelledby="close-title">
          <DialogTitle id="close-title">Close the books of B-{summary.number}</DialogTitle>
          <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
            <Typography>
              {tallyWords(plants)}. Nothing more can be recorded until you undo the closing in its log. Its
              results are used in the next plan.
            </Typography>
            <TextField
              label="Notes on the season"
              name="words"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setAsked(false)}>Cancel</Button>
            <Button
              variant="contained"
              onClick={() => {
                setAsked(false);
                void record(
                  summary.id,
                  [{ kind: "closed", words: words.trim() || null }],
                  today,
                  `B-${summary.number}: books closed`,
                );
              }}
            >
              Close the books
            </Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
