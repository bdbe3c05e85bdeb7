import { Button } from "@mui/material";
import { WORDS } from "../../api/words";
import type { OutWarning } from "../../api/types";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { Why } from "../../shared/Why";
import { unbroken } from "../../shared/units";
import { capital } from "../../shared/words";
import type { Day } from "../../time/days";
import { HandLine } from "./HandLine";
import type { PlaceJob } from "./placeJobs";

interface WeatherLineProps {
  place: string;
  warning: OutWarning;
  job: PlaceJob;
  doneOn: Day;
}

const PRESSING: OutWarning["kind"][] = ["freeze", "vent", "shut"];

/** What the weather asks of all that stands out at a place; one touch for all of it. */
export function WeatherLine({ place, warning, job, doneOn }: WeatherLineProps) {
  const { recordMany } = useRecord();
  if (useIsSettled(job.key)) return null;
  const act = warning.do !== null && (
    <Button
      variant="contained"
      onClick={() => void recordMany(job.entries, doneOn, `${place}: ${job.tick}`, [job.key])}
    >
      {DONE[warning.do] ?? capital(WORDS.Tending[warning.do])}
    </Button>
  );
  return (
    <HandLine
      testId={job.key}
      name={warning.title}
      asks={unbroken(warning.reason)}
      isMarked={PRESSING.includes(warning.kind)}
      act={act}
    >
      <Why lines={warning.working} about={`${warning.title}, ${place}`} />
    </HandLine>
  );
}

/** As a button says it. */
const DONE: Partial<Record<NonNullable<OutWarning["do"]>, string>> = {
  covered: "Covered",
  backOut: "Uncovered",
  vented: "Vented",
  shut: "Shut",
  secured: "Secured",
};
