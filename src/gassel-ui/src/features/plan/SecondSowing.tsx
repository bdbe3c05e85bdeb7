import { Box, Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** Two sowings some weeks apart, and what is left if one of them is lost. */
export function SecondSowing({
  second,
  plants,
  today,
}: {
  second: NonNullable<PlanView["second"]>;
  plants: number;
  today: Day;
}) {
  const { palette } = useDevice();
  const sowings = [
    {
      name: "first",
      start: second.firstStart,
      finish: second.firstFinish,
      own: second.seeds.first,
      other: second.seeds.second,
    },
    {
      name: "second",
      start: second.secondStart,
      finish: second.secondFinish,
      own: second.seeds.second,
      other: second.seeds.first,
    },
  ];
  return (
    <Card label="two sowings">
      <Typography variant="h2">Two sowings</Typography>
      <Box sx={{ display: "grid", gap: 2, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
        {sowings.map((sowing) => (
          <Box
            key={sowing.name}
            data-testid={`sowing-${sowing.name}`}
            sx={{ borderTop: `1px solid ${palette.line}`, pt: 0.75 }}
          >
            <Typography variant="h3">
              {sowing.name}: {several(sowing.own.seeds, "seed")}, start {actDay(sowing.start, today)}
            </Typography>
            <Typography>
              about {Math.round(sowing.own.expectedPlants)} plants by {shortDay(sowing.finish, today)}
            </Typography>
            <Typography variant="body2">
              if lost to a freeze, the other gives about {Math.round(sowing.other.expectedPlants)};{" "}
              {percent(sowing.other.aloneReaches)} chance of all {plants}
            </Typography>
          </Box>
        ))}
      </Box>
      <Why lines={second.seeds.working} about="the two sowings" />
    </Card>
  );
}
