import { Box, Button, Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface RouteChoicesProps {
  plan: PlanView;
  today: Day;
  onRoute: (routeId: string) => void;
}

/** The routes of the species side by side under the same wish. */
export function RouteChoices({ plan, today, onRoute }: RouteChoicesProps) {
  const { palette } = useDevice();
  return (
    <Card label="routes side by side">
      <Typography variant="h2">Routes side by side</Typography>
      <Typography variant="body2" color="text.secondary">
        Which one brings more seedlings is unknown until own results say.
      </Typography>
      {plan.routes.map((route) => (
        <Box
          key={route.routeId}
          data-testid={`route-${route.routeId}`}
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "center",
            columnGap: 2,
            borderTop: `1px solid ${palette.line}`,
            py: 0.75,
          }}
        >
          <Box sx={{ flex: "1 1 20em" }}>
            <Typography variant="h3">{route.name}</Typography>
            <Typography>
              {route.shortfallDays > 0 ? "usual start was" : "start"} {actDay(route.start.usual, today)} (
              {shortDay(route.start.earliest, today)} to {shortDay(route.start.latest, today)}), plants{" "}
              {shortDay(route.finish.usual, today)}
            </Typography>
            <Typography variant="body2">
              {route.treatmentDays.usual === 0
                ? "no treatment before sowing"
                : `${several(route.treatmentDays.usual, "day")} of treatment`}
              {route.shortfallDays > 0 &&
                `; ${several(route.shortfallDays, "day")} past its usual start${route.feasible ? ", still possible" : ", too late"}`}
            </Typography>
          </Box>
          {route.routeId === plan.routeId ? (
            <Typography sx={{ fontWeight: 700, px: 2 }}>planned with</Typography>
          ) : (
            <Button
              variant="outlined"
              onClick={() => onRoute(route.routeId)}
              aria-label={`take this route: ${route.name}`}
            >
              take this route
            </Button>
          )}
        </Box>
      ))}
    </Card>
  );
}
