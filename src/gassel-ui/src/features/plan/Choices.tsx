import { Box, Typography } from "@mui/material";
import type { ReactNode } from "react";
import type { Expectation, PlanChoice, PlanView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { Card } from "../../shared/Card";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface ChoicesProps {
  plan: PlanView;
  choice: PlanChoice;
  today: Day;
  onChoose: (choice: PlanChoice) => void;
  onRoute: (routeId: string) => void;
}

const NAMES: Record<Exclude<PlanChoice, "usual">, string> = {
  shorten: "shorten",
  skipOptional: "leave out what is optional",
  moveTarget: "move the target",
  nextSeason: "keep the seed for next season",
};

/** The ways on when the usual start is past, each with its dates and what it brings. */
export function Choices({ plan, choice, today, onChoose, onRoute }: ChoicesProps) {
  const usualDays = plan.steps.map((s) => s.step.days.usual);
  const others = plan.routes.filter(
    (r) => r.routeId !== plan.routeId && r.shortfallDays < plan.schedule.shortfallDays,
  );
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
        {plan.options.map(({ option, expected }) => {
          const cut = option.steps
            .map((step, i) => ({ step, usual: usualDays[i] ?? step.days }))
            .filter(({ step, usual }) => step.days !== usual)
            .map(({ step, usual }) => `${stepWords(step.kind)} ${usual} → ${step.days} days`);
          return (
            <Way
              key={option.kind}
              id={option.kind}
              selected={choice === option.kind}
              possible={option.possible}
              onClick={() => onChoose(option.kind)}
              name={`${NAMES[option.kind]}${option.possible ? "" : ": not enough"}`}
            >
              <Typography>
                start {actDay(option.start, today)}, plants {shortDay(option.finish, today)}
              </Typography>
              <Expected expected={expected} />
              {cut.length > 0 && <Typography variant="body2">{cut.join(", ")}</Typography>}
              <Typography variant="body2">{option.note}</Typography>
            </Way>
          );
        })}
        {others.map((route) => (
          <Way
            key={route.routeId}
            id={route.routeId}
            selected={false}
            possible
            onClick={() => onRoute(route.routeId)}
            name={`another route: ${route.name}`}
          >
            <Typography>
              start {actDay(route.start.usual, today)}, plants {shortDay(route.finish.usual, today)}
            </Typography>
            <Expected expected={route.expected} />
            <Typography variant="body2">
              {route.shortfallDays > 0 ? `${route.shortfallDays} days late as well. ` : "Not late. "}
              {route.risk[0]}
            </Typography>
          </Way>
        ))}
      </Box>
    </Card>
  );
}

function Way(props: {
  id: string;
  name: string;
  selected: boolean;
  possible: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  const { id, name, selected, possible, onClick, children } = props;
  const { palette } = useDevice();
  return (
    <Box
      component="button"
      type="button"
      role="radio"
      aria-checked={selected}
      disabled={!possible}
      onClick={onClick}
      data-testid={`choice-${id}`}
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
        cursor: possible ? "pointer" : "default",
      }}
    >
      <Typography variant="h3">{name}</Typography>
      {children}
    </Box>
  );
}

/** Plants by own results, or why that is unknown. */
export function Expected({ expected }: { expected: Expectation }) {
  return (
    <Typography variant="body2" sx={{ fontWeight: expected.plants === null ? 400 : 600 }}>
      {expected.plants === null
        ? `Plants: ${expected.why.charAt(0).toLowerCase()}${expected.why.slice(1)}`
        : `About ${Math.round(expected.plants)} plants, from your own results`}
    </Typography>
  );
}
