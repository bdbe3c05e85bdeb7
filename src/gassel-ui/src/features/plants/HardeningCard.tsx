import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { BatchView, PartView } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { actDay, addDays } from "../../time/days";
import type { Day } from "../../time/days";
import { HardeningDays } from "./HardeningDays";
import { useDoneOn } from "../../record/DoneOn";

/** Days of the past that are shown before all are asked for. */
const BEHIND = 3;

interface HardeningCardProps {
  batch: BatchView["summary"];
  part: PartView;
  today: Day;
}

/** Hardening off of a part: the days that were, today, and those to come by the outlook. */
export function HardeningCard({ batch, part, today }: HardeningCardProps) {
  const { doneOn } = useDoneOn();
  const { record } = useRecord();
  const [whole, setWhole] = useState(false);
  const plan = part.hardening;
  if (!plan) return null;
  const now = plan.days.find((day) => day.date === doneOn);
  const done = plan.days.filter((day) => day.kind === "done").length;
  const from = addDays(today, -BEHIND);
  const shown = whole ? plan.days : plan.days.filter((day) => day.date >= from);
  const wentOut = now?.kind === "done";
  return (
    <Card label="hardening off">
      <Typography variant="h2">Hardening off</Typography>
      <Typography data-testid="hardening" sx={{ fontWeight: 600 }}>
        {several(done, "day")} out; ready {actDay(plan.readyOn, today)}
        {now && !wentOut ? `. Today: ${now.words}` : ""}
      </Typography>
      <HardeningDays days={shown} today={today} />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
        {now && !wentOut && (
          <Button
            variant="contained"
            onClick={() =>
              void record(
                batch.id,
                [{ kind: "carriedOut", part: part.state.id, hours: now.hoursOut || null }],
                doneOn,
                `B-${batch.number}: out`,
              )
            }
          >
            {doneOn === today ? "Out today" : `Out ${actDay(doneOn, today)}`}
          </Button>
        )}
        {shown.length < plan.days.length && (
          <Button onClick={() => setWhole(true)}>All {plan.days.length} days</Button>
        )}
        <Why lines={plan.working} about="hardening off" />
      </Box>
    </Card>
  );
}
