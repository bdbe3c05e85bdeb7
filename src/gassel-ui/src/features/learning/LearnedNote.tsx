import { Typography } from "@mui/material";
import type { LearnedView } from "../../api/types";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";

/** What was expected before, what own batches did, and what both together let expect of a new one. */
export function LearnedNote({ learned, tested }: { learned: LearnedView; tested: boolean }) {
  return (
    <Typography variant="body2" data-testid="learned" data-state={tested ? "lotTest" : "own"}>
      Expected before own results {percent(learned.priorMean)}; own {learned.germinated} of {learned.seeds} in{" "}
      {several(learned.batches, "batch", "batches")}; together {percent(learned.mean)}, and nine new batches
      in ten between {percent(learned.low)} and {percent(learned.high)}.
      {tested && " This plan uses the test of the lot."} <Why lines={learned.working} about="own results" />
    </Typography>
  );
}
