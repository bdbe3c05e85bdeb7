import { Box, Button, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import type { OutWarning } from "../../api/types";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { AlarmMark } from "../../shared/AlarmMark";
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
  /** On a phone, at one place. */
  inHand?: boolean;
}

const PRESSING: OutWarning["kind"][] = ["freeze", "vent", "shut"];

/** What the weather asks of all that stands out at a place; one touch for all of it. */
export function WeatherLine({ place, warning, job, doneOn, inHand = false }: WeatherLineProps) {
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
  const why = <Why lines={warning.working} about={`${warning.title}, ${place}`} />;
  if (inHand)
    return (
      <HandLine
        testId={job.key}
        name={warning.title}
        asks={unbroken(warning.reason)}
        isMarked={PRESSING.includes(warning.kind)}
        act={act}
      >
        {why}
      </HandLine>
    );
  return (
    <Box
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", py: 0.5 }}
      data-testid={job.key}
    >
      <Box sx={{ flex: "1 1 17em" }}>
        <Typography variant="h3" sx={{ display: "flex", gap: 0.75 }}>
          {PRESSING.includes(warning.kind) && <AlarmMark />}
          <span>{warning.title}</span>
        </Typography>
        <Typography variant="body2">{unbroken(warning.reason)}</Typography>
      </Box>
      {act}
      {why}
    </Box>
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
