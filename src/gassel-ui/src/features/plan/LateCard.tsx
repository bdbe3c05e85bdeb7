import { Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { Why } from "../../shared/Why";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";

/** Seedlings that come too late in the year to root, with the ways through the winter. */
export function LateCard({ late, today }: { late: NonNullable<PlanView["late"]>; today: Day }) {
  return (
    <Card label="late in the year">
      <Typography variant="h2" sx={{ display: "flex", gap: 1, alignItems: "baseline" }}>
        <AlarmMark /> <span>Late for this autumn</span>
      </Typography>
      <Typography data-testid="late">
        Seedlings come up about {actDay(late.upOn, today)} and root by {actDay(late.rootedOn, today)}; the
        first frost comes about {actDay(late.firstFrost, today)}. Ways through the winter:
      </Typography>
      {late.options.map((option) => (
        <Typography key={option.way} sx={{ mt: 0.5 }} data-testid={`late-${option.way}`}>
          {option.words}
        </Typography>
      ))}
      <Why lines={late.working} about="late sowing" />
    </Card>
  );
}
