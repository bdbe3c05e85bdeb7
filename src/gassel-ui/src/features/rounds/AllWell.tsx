import { Button, Typography } from "@mui/material";
import { several } from "../../shared/numbers";
import { HandLine } from "./HandLine";
import type { EntryPayload, Place } from "../../api/types";
import { useSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { looksOf, namesOf } from "./dueLines";
import type { DueLine } from "./dueLines";
import { usual } from "./usual";

interface AllWellProps {
  place: Place;
  lines: DueLine[];
  doneOn: Day;
  today: Day;
  placeC: number | null;
  /** Whether they are listed below, where that can be chosen; null where they always are. */
  oneByOne: { isOpen: boolean; set: (open: boolean) => void } | null;
}

/** One touch for all that is looked at here and is as it should be; what is not is told first, line by line, and stays out of it. */
export function AllWell({ place, lines, doneOn, today, placeC, oneByOne }: AllWellProps) {
  const { recordMany } = useRecord();
  const settled = useSettled();
  const looks = looksOf(lines, settled);
  const [first] = looks;
  if (!first) return null;
  const record = () => {
    const batches = new Map<string, EntryPayload[]>();
    for (const { part, item } of looks)
      batches.set(part.batchId, [
        ...(batches.get(part.batchId) ?? []),
        ...(usual(part, item, placeC)?.payloads() ?? []),
      ]);
    const on = doneOn === today ? "" : `, done ${actDay(doneOn, today)}`;
    void recordMany(
      [...batches].map(([batch, payloads]) => ({ batch, payloads })),
      doneOn,
      `${place.name}: all ${looks.length} looked at, all well${on}`,
      looks.map((line) => line.key),
    );
  };
  const act = (
    <Button
      variant="contained"
      data-testid="all-well"
      onClick={record}
      sx={oneByOne ? {} : { width: "100%", minHeight: 60, fontSize: "1.05rem", my: 1 }}
    >
      All well: all {looks.length} to look at
    </Button>
  );
  if (!oneByOne) return act;
  const overdue = Math.max(...looks.map(({ item }) => item.due.lateDays));
  return (
    <HandLine
      testId={`looks-${place.id}`}
      step={first.part.step ?? first.item.stepKind}
      name={namesOf(looks)}
      asks={overdue > 0 ? `look, up to ${several(overdue, "day")} overdue` : "look, today"}
      late={overdue > 0}
      act={act}
      always={
        <Button
          variant="outlined"
          aria-expanded={oneByOne.isOpen}
          onClick={() => oneByOne.set(!oneByOne.isOpen)}
          sx={{ minHeight: 48 }}
        >
          {oneByOne.isOpen ? "Together" : "One by one"}
        </Button>
      }
    >
      <Typography variant="body2">
        Is one of them not well? Record that first, one by one; the others can then be recorded together.
      </Typography>
    </HandLine>
  );
}
