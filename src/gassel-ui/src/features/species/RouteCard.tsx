import { WORDS } from "../../api/words";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { SpeciesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { StepSwatch } from "../../drawings/StepSwatch";
import { Cautions } from "../../shared/Cautions";
import { band, useUnits } from "../../shared/units";
import { shortDay } from "../../time/days";
import { durationWords } from "./speciesWords";
import { ForRole } from "../../people/ForRole";

interface RouteCardProps {
  view: SpeciesView;
  route: SpeciesView["species"]["routes"][number];
  facts: SpeciesView["routes"][number] | undefined;
}

/** A route step by step, with what to mind, its version and its origin. */
export function RouteCard({ view, route, facts }: RouteCardProps) {
  const { palette } = useDevice();
  const units = useUnits();
  const outdoors = route.setting !== "indoors";
  return (
    <Box sx={{ mt: 1.5 }} data-testid={`route-${route.id}`}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1 }}>
        <Typography variant="h3" component="h3" sx={{ fontSize: "1.1rem" }}>
          Route: {route.name}
        </Typography>
        <Typography variant="body2" sx={{ color: palette.ink2 }} data-testid="route-version">
          {WORDS.RouteSetting[route.setting]}, version {route.version}; started today it{" "}
          {outdoors ? "comes up about" : "is sown"} {shortDay(facts?.sowIfStartedToday.usual ?? "")}.{" "}
          {route.origin ?? view.species.origin}.
        </Typography>
        <ForRole role="grower">
          <Box sx={{ ml: "auto", display: "flex" }}>
            <Button
              component={Link}
              to={`/species/${view.species.id}/routes/${route.id}`}
              aria-label={`change route ${route.name}`}
              sx={{ px: 1 }}
            >
              Change
            </Button>
            <Button
              component={Link}
              to={`/species/${view.species.id}/routes/new?like=${route.id}`}
              aria-label={`copy route ${route.name}`}
              sx={{ px: 1 }}
            >
              Copy
            </Button>
          </Box>
        </ForRole>
      </Box>
      {route.steps.map((step, i) => (
        <Box
          key={step.kind + String(i)}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "64px 1fr", md: "96px 210px 1fr" },
            columnGap: 2,
            py: 0.75,
            borderTop: `1px solid ${palette.line}`,
            alignItems: "start",
          }}
        >
          <StepSwatch kind={step.kind} />
          <Box>
            <Typography variant="h3" component="h4">
              {stepWords(step.kind)}
              {step.method ? `, ${WORDS.ScarifyMethod[step.method]}` : ""}
              {step.optional ? ", optional" : ""}
            </Typography>
            <Typography>
              {durationWords(step.days)}
              {step.band ? `, ${band(step.band, units)}` : ""}
            </Typography>
          </Box>
          <Box sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>
            {step.note && <Typography>{step.note}</Typography>}
            <Cautions cautions={facts?.stepCautions[i] ?? []} />
          </Box>
        </Box>
      ))}
    </Box>
  );
}
