import { Box, Typography } from "@mui/material";
import type { PlanView, ShortfallOption } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { StepSwatch } from "../../drawings/StepSwatch";
import { Cautions } from "../../shared/Cautions";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { band, useUnits } from "../../shared/units";
import { durationWords } from "../species/speciesWords";

/** The route with the days of each step, as counted or as chosen, and what to mind at it. */
export function PlanSteps({
  plan,
  chosen,
  today,
}: {
  plan: PlanView;
  chosen: ShortfallOption | null;
  today: Day;
}) {
  const { palette } = useDevice();
  const units = useUnits();
  return (
    <>
      {plan.steps.map(({ step, dates, cautions }, i) => {
        const laid = chosen?.steps[i];
        const [start, end] = laid ? [laid.start, laid.end] : [dates.start.usual, dates.end.usual];
        const skipped = laid?.days === 0 && step.days.usual > 0;
        return (
          <Box
            key={step.kind + String(i)}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "56px 1fr", lg: "72px 300px 1fr" },
              columnGap: 2,
              py: 0.75,
              borderTop: `1px solid ${palette.line}`,
            }}
          >
            <StepSwatch kind={step.kind} height={30} />
            <Box>
              <Typography variant="h3">
                {stepWords(step.kind)}
                {step.optional ? ", optional" : ""}
                {skipped ? ": left out" : `: ${actDay(start, today)}`}
              </Typography>
              <Typography variant="body2">
                {skipped ? "" : `to ${shortDay(end, today)}; `}
                {durationWords(step.days)}
                {step.band ? `, ${band(step.band, units)}` : ""}
              </Typography>
            </Box>
            <Box sx={{ gridColumn: { xs: "1 / -1", lg: "auto" } }}>
              {step.note && <Typography variant="body2">{step.note}</Typography>}
              <Cautions cautions={cautions} />
            </Box>
          </Box>
        );
      })}
    </>
  );
}
