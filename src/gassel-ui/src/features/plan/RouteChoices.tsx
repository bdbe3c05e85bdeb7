import { Box, Button, Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { Expected } from "./Choices";
import { spaceWords } from "./space";

interface RouteChoicesProps {
  plan: PlanView;
  today: Day;
  onRoute: (routeId: string) => void;
}

/** The routes of the species side by side under the same wish: date, seeds, room, risk. */
export function RouteChoices({ plan, today, onRoute }: RouteChoicesProps) {
  const { palette } = useDevice();
  const columns = { xs: "1fr", md: "1.35fr 1.1fr 1.1fr 1.6fr 130px" };
  return (
    <Card label="routes side by side">
      <Typography variant="h2">Routes side by side</Typography>
      <Box
        aria-hidden="true"
        sx={{
          display: { xs: "none", md: "grid" },
          gridTemplateColumns: columns,
          columnGap: 2,
          color: palette.ink2,
          fontSize: "0.9rem",
        }}
      >
        <span>dates</span>
        <span>seeds and plants</span>
        <span>room</span>
        <span>risk</span>
      </Box>
      {plan.routes.map((route) => (
        <Box
          key={route.routeId}
          data-testid={`route-${route.routeId}`}
          sx={{
            display: "grid",
            gridTemplateColumns: columns,
            columnGap: 2,
            borderTop: `1px solid ${palette.line}`,
            py: 0.75,
          }}
        >
          <Box>
            <Typography variant="h3">{route.name}</Typography>
            <Typography>
              {route.shortfallDays > 0 ? "best start was" : "start"} {actDay(route.start.usual, today)}
            </Typography>
            <Typography variant="body2">
              plants {shortDay(route.finish.usual, today)};{" "}
              {route.treatmentDays.usual === 0
                ? "no treatment"
                : `${several(route.treatmentDays.usual, "day")} of treatment`}
              {route.shortfallDays > 0 &&
                `; ${several(route.shortfallDays, "day")} late${route.feasible ? ", still possible" : ", too late"}`}
            </Typography>
          </Box>
          <Box>
            <Typography>{route.seeds === null ? "too many seeds" : several(route.seeds, "seed")}</Typography>
            <Expected expected={route.expected} />
          </Box>
          <Box>
            {route.space.map((check) => (
              <Typography key={check.place} variant="body2" sx={{ fontWeight: check.fits ? 400 : 700 }}>
                {spaceWords(check, today)}
              </Typography>
            ))}
          </Box>
          <Box>
            {route.risk.map((line) => (
              <Typography key={line} variant="body2">
                {line}
              </Typography>
            ))}
          </Box>
          {route.routeId === plan.routeId ? (
            <Typography sx={{ fontWeight: 700 }}>current plan</Typography>
          ) : (
            <Button
              variant="outlined"
              onClick={() => onRoute(route.routeId)}
              aria-label={`use this route: ${route.name}`}
              sx={{ px: 1, alignSelf: "start" }}
            >
              Use this route
            </Button>
          )}
        </Box>
      ))}
    </Card>
  );
}
