import { Button } from "@mui/material";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { Why } from "../../shared/Why";
import type { Day } from "../../time/days";
import { HandLine } from "./HandLine";
import type { PlaceJob } from "./placeJobs";

interface PlaceLineProps {
  place: string;
  job: PlaceJob;
  doneOn: Day;
}

/** A job of a place with one touch for all that stands there. */
export function PlaceLine({ place, job, doneOn }: PlaceLineProps) {
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
  return (
    <HandLine testId={job.key} name={job.name} asks={job.words} isMarked={job.late} act={act}>
      <Why lines={job.working} about={`${job.name}, ${place}`} />
    </HandLine>
  );
}
