import { Button } from "@mui/material";
import type { EntryPayload } from "../../api/types";
import { useSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import type { DueLine } from "./dueLines";
import { usual } from "./usual";

interface AllWellProps {
  place: string;
  lines: DueLine[];
  doneOn: Day;
  today: Day;
  placeC: number | null;
}

/** One touch for all that is looked at here and is as it should be; what is not is told first, line by line, and stays out of it. */
export function AllWell({ place, lines, doneOn, today, placeC }: AllWellProps) {
  const { recordMany } = useRecord();
  const settled = useSettled();
  const looks = lines.filter(({ key, item }) => item.due.kind === "checkBag" && !settled.has(key));
  if (looks.length < 2) return null;
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
      `${place}: all ${looks.length} looked at, all well${on}`,
      looks.map((line) => line.key),
    );
  };
  return (
    <Button
      variant="contained"
      data-testid="all-well"
      onClick={record}
      sx={{ width: { xs: "100%", md: "auto" }, minHeight: 60, fontSize: "1.05rem", my: 1 }}
    >
      All well: all {looks.length} to look at
    </Button>
  );
}
