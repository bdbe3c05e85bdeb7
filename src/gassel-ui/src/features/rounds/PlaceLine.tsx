import { Box, Button, Typography } from "@mui/material";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { AlarmMark } from "../../shared/AlarmMark";
import { Why } from "../../shared/Why";
import type { Day } from "../../time/days";
import { HandLine } from "./HandLine";
import type { PlaceJob } from "./placeJobs";

interface PlaceLineProps {
  place: string;
  job: PlaceJob;
  doneOn: Day;
  /** On a phone, at one place. */
  inHand?: boolean;
}

/** A job of a place with one touch for all that stands there. */
export function PlaceLine({ place, job, doneOn, inHand = false }: PlaceLineProps) {
  const { recordMany } = useRecord();
  if (useIsSettled(job.key)) return null;
  const act = (
    <Button
      variant="contained"
      disabled={job.entries.length === 0}
      onClick={() => void recordMany(job.entries, doneOn, `${place}: ${job.tick}`, [job.key])}
    >
      {job.button}
    </Button>
  );
  const why = <Why lines={job.working} about={`${job.name}, ${place}`} />;
  if (inHand)
    return (
      <HandLine testId={job.key} name={job.name} asks={job.words} isMarked={job.late} act={act}>
        {why}
      </HandLine>
    );
  return (
    <Box
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", py: 0.5 }}
      data-testid={job.key}
    >
      <Typography sx={{ flex: "1 1 17em", display: "flex", gap: 0.75 }}>
        {job.late && <AlarmMark />}
        <span>
          <strong>{job.name}:</strong> {job.words}
        </span>
      </Typography>
      {act}
      {why}
    </Box>
  );
}
