import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { StandingDue, StandingPart } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { AlarmMark } from "../../drawings/AlarmMark";
import { startWords, stepWords } from "../../drawings/steps";
import { allWell, lookAtBag, usualStart } from "../../record/entries";
import { useRecord } from "../../record/RecordProvider";
import { useSettled } from "../../offline/useQueue";
import { Cautions } from "../../shared/Cautions";
import { Why } from "../../shared/Why";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { when } from "./dueWords";
import { LookDialog } from "./LookDialog";
import { StartDialog } from "./StartDialog";

interface DueRowProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
}

/** One thing to do: what, how late, what waiting costs, one touch for the usual outcome and a second for another. */
export function DueRow({ part, item, doneOn, today }: DueRowProps) {
  const { palette } = useDevice();
  const { record } = useRecord();
  const [dialog, setDialog] = useState<"look" | "start" | null>(null);
  const name = `B-${part.number} ${part.commonName}`;
  const which = part.part === "1" ? "" : `, part ${part.part}`;
  const on = doneOn === today ? "" : `, done ${actDay(doneOn, today)}`;
  const title = {
    checkBag: "look at the bag",
    countSeedlings: "count seedlings",
    sow: "sow",
    endStep: `end ${stepWords(item.stepKind)}`,
    startStep: startWords(item.stepKind),
  }[item.due.kind];
  const settles = `${part.number}-${part.part}-${item.due.kind}`;
  const waits = useSettled().has(settles);
  const atTheStep = item.due.kind === "startStep" || item.due.kind === "sow";
  return (
    <Box
      sx={{ borderTop: `1px solid ${palette.line}`, py: 1, "&:first-of-type": { borderTop: "none" } }}
      data-testid={`due-${settles}`}
    >
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <Box sx={{ flex: "1 1 17em", minWidth: 0 }}>
          <Typography variant="h3" sx={{ display: "flex", gap: 0.75 }}>
            {item.due.lateDays > 0 && <AlarmMark />}
            <span>
              {name}
              {which}: {title}, {when(item, today)}
            </span>
          </Typography>
          <Typography variant="body2">{item.due.cost}</Typography>
        </Box>
        {waits ? (
          <Typography sx={{ fontWeight: 700 }}>recorded, waits to be sent</Typography>
        ) : (
          <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            {item.due.kind === "checkBag" && (
              <>
                <Button
                  variant="contained"
                  onClick={() =>
                    void record(
                      part.batchId,
                      lookAtBag(part, allWell, "pickOut", null),
                      doneOn,
                      `${name}: all well${on}`,
                      settles,
                    )
                  }
                >
                  all well
                </Button>
                <Button variant="outlined" onClick={() => setDialog("look")}>
                  not so…
                </Button>
              </>
            )}
            {atTheStep && (
              <>
                <Button
                  variant="contained"
                  onClick={() =>
                    void record(
                      part.batchId,
                      usualStart(item, part),
                      doneOn,
                      `${name}: ${item.due.kind === "sow" ? "sown" : `${stepWords(item.stepKind)} started`}${on}`,
                      settles,
                    )
                  }
                >
                  {item.due.kind === "sow" ? "sown" : "started"}
                </Button>
                <Button variant="outlined" onClick={() => setDialog("start")}>
                  otherwise…
                </Button>
              </>
            )}
            {item.due.kind === "countSeedlings" && (
              <Button variant="contained" component={Link} to={`/count/${part.batchId}/${part.part}`}>
                count
              </Button>
            )}
            {item.due.kind === "endStep" && (
              <Button
                variant="contained"
                onClick={() =>
                  void record(
                    part.batchId,
                    [{ kind: "stepEnded", part: part.part, step: item.due.step }],
                    doneOn,
                    `${name}: ended${on}`,
                    settles,
                  )
                }
              >
                ended
              </Button>
            )}
            <Why lines={item.due.working} about={`${name}, ${title}`} />
          </Box>
        )}
      </Box>
      {atTheStep && item.note && (
        <Typography variant="body2" sx={{ mt: 0.5 }}>
          {item.note}
        </Typography>
      )}
      {atTheStep && <Cautions cautions={item.cautions} />}
      {dialog === "look" && (
        <LookDialog
          part={part}
          item={item}
          doneOn={doneOn}
          today={today}
          settles={settles}
          close={() => setDialog(null)}
        />
      )}
      {dialog === "start" && (
        <StartDialog
          part={part}
          item={item}
          doneOn={doneOn}
          today={today}
          settles={settles}
          close={() => setDialog(null)}
        />
      )}
    </Box>
  );
}
