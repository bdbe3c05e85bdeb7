import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { BatchView } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { CloseDialog } from "./CloseDialog";
import { tallyWords } from "../plants/plantWords";

/** Closing the books of a batch: after it nothing more is recorded of it. */
export function CloseBooks({ batch, today }: { batch: BatchView; today: Day }) {
  const { record } = useRecord();
  const [asked, setAsked] = useState(false);
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
        <ForRole role="grower">
          <Button variant="outlined" onClick={() => setAsked(true)}>
            Close the books of this batch
          </Button>
        </ForRole>
      </Box>
      {asked && (
        <CloseDialog
          what={`B-${summary.number}`}
          send={(words) => {
            setAsked(false);
            void record(summary.id, [{ kind: "closed", words }], today, `B-${summary.number}: books closed`);
          }}
          close={() => setAsked(false)}
        >
          <Typography>{tallyWords(plants)}.</Typography>
        </CloseDialog>
      )}
    </>
  );
}
