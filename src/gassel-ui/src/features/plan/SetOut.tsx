import { Box, Button, Typography } from "@mui/material";
import { useSetOut, useSetOutRange } from "../../book/queries";
import type { PlanView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { SetOutChart } from "../../drawings/SetOutChart";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";
import { actDay, addDays, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";
import { ofWinter, yearsTo } from "./winter";
import { setOutNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

interface SetOutProps {
  plan: PlanView;
  speciesId: string;
  today: Day;
  /** Starts the route so that it goes out on the day. */
  onStartOn: (day: Day) => void;
}

/** Where the winter route is taken: the days on which the winters on record had enough cold, and what the choice among them means. */
export function SetOut({ plan, speciesId, today, onStartOn }: SetOutProps) {
  const outdoors = plan.routes.find((r) => r.routeId === plan.routeId)?.setting === "winterContainer";
  const wave = useSetOut(speciesId, outdoors ? plan.routeId : null);
  const range = useSetOutRange(
    speciesId,
    outdoors ? plan.routeId : null,
    {},
    wave.data?.setOut.window != null,
  );
  if (!outdoors) return null;
  if (wave.error) return <Failure error={wave.error} />;
  if (!wave.data) return null;
  const { setOut } = wave.data;
  const cold = plan.steps.find((s) => s.step.kind === "coldMoist" || s.step.kind === "warmMoist");
  const first = setOut.dates[0]?.date;
  if (!cold || !first) return null;
  const planned = cold.dates.start.usual;
  const ahead = daysBetween(plan.schedule.start.usual, planned);
  const chosen = ofWinter(planned, first);
  const years = yearsTo(planned, first);
  const window = setOut.safeWindow ?? setOut.window;
  const outside = window !== null && (chosen < window.earliest || chosen > window.latest);
  // the last day of the window in the winter that is planned for, or in the next where that is past
  const last = window ? ofWinter(window.latest, addDays(today, ahead)) : null;
  return (
    <Card label="when to set out">
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, flexWrap: "wrap" }}>
        <Typography variant="h2">When to set out</Typography>
        <Typography variant="body2" color="text.secondary">
          {setOut.winters} winters on record{years === 0 ? "" : "; the days stand for every winter"}
        </Typography>
        <Why lines={setOut.working} about="the window to set out" />
      </Box>
      {outside && (
        <Typography sx={{ display: "flex", gap: 1, fontWeight: 600 }} data-testid="set-out-outside">
          <AlarmMark />
          <span>
            Planned to go out {actDay(planned, today)}, which is{" "}
            {chosen < window.earliest ? "before" : "after"}{" "}
            {setOut.safeWindow ? "the safe days" : "the days with enough cold"}.
          </span>
        </Typography>
      )}
      <Typography data-testid="set-out-window">
        <b>{setOut.windowWords}</b> {setOut.tradeOff}
      </Typography>
      <Failure error={range.error} />
      {range.data && (
        <Typography variant="body2" data-testid="set-out-range">
          {range.data.words}
        </Typography>
      )}
      <SetOutChart result={setOut} today={today} chosen={chosen} />
      <ChartTable {...setOutNumbers(setOut, today)} />
      {outside && last && (
        <Button variant="outlined" onClick={() => onStartOn(addDays(last, -ahead))}>
          Set out by {actDay(last, today)}
        </Button>
      )}
    </Card>
  );
}
