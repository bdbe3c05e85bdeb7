import { Box, Typography } from "@mui/material";
import type { PlanChoice, PlanView } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { Card } from "../../shared/Card";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface ChoicesProps {
  schedule: PlanView["schedule"];
  choice: PlanChoice;
  today: Day;
  onChoose: (choice: PlanChoice) => void;
}

const NAMES: Record<Exclude<PlanChoice, "usual">, string> = {
  shorten: "shorten",
  skipOptional: "leave out what is optional",
  moveTarget: "move the target",
  nextSeason: "keep the seed for next season",
};

/** The ways on when the usual start is past, each with its dates and what it costs. */
export function Choices({ schedule, choice, today, onChoose }: ChoicesProps) {
  const { palette } = useDevice();
  return (
    <Card label="choices">
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        What can still be done
      </Typography>
      <Box
        role="radiogroup"
        aria-label="choices"
        sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}
      >
        {schedule.options.map((option) => {
          const cut = option.steps
            .map((step, i) => ({
              step,
              usual: schedule.options.find((o) => o.kind === "moveTarget")?.steps[i]?.days ?? step.days,
            }))
            .filter(({ step, usual }) => step.days !== usual)
            .map(({ step, usual }) => `${stepWords(step.kind)} ${usual} → ${step.days} days`);
          const selected = choice === option.kind;
          return (
            <Box
              key={option.kind}
              component="button"
              type="button"
              role="radio"
              aria-checked={selected}
              disabled={!option.possible}
              onClick={() => onChoose(option.kind)}
              data-testid={`choice-${option.kind}`}
              sx={{
                display: "flex",
                flexDirection: "column",
                textAlign: "left",
                font: "inherit",
                color: palette.ink,
                bgcolor: selected ? palette.paper : palette.card,
                border: `2px solid ${selected ? palette.slate : palette.line}`,
                borderRadius: 1.5,
                p: 1.25,
                minHeight: 48,
                cursor: option.possible ? "pointer" : "default",
              }}
            >
              <Typography variant="h3">
                {NAMES[option.kind]}
                {option.possible ? "" : ": not enough"}
              </Typography>
              <Typography>
                start {actDay(option.start, today)}, plants {shortDay(option.finish, today)}
              </Typography>
              {cut.length > 0 && <Typography variant="body2">{cut.join(", ")}</Typography>}
              <Typography variant="body2">{option.note}</Typography>
            </Box>
          );
        })}
      </Box>
    </Card>
  );
}
