import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";
import { useUnits } from "../../shared/units";
import type { Day } from "../../time/days";
import { nowWords } from "../temperature/temperatureWords";
import type { PlaceWork } from "./standing";

interface PlaceChoiceProps {
  work: PlaceWork[];
  timeZone: string;
  today: Day;
}

/** Which place one stands at: one line each, with how much it asks for. */
export function PlaceChoice({ work, timeZone, today }: PlaceChoiceProps) {
  const { palette } = useDevice();
  const units = useUnits();
  return (
    <Box component="nav" aria-label="places">
      {work.map(({ place, jobs, late }) => (
        <Box
          key={place.place.id}
          component={Link}
          to={`/?place=${place.place.id}`}
          data-testid={`at-${place.place.id}`}
          sx={{
            display: "flex",
            alignItems: "center",
            gap: 1.5,
            minHeight: 64,
            py: 0.75,
            borderBottom: `1px solid ${palette.line}`,
            color: palette.ink,
            textDecoration: "none",
          }}
        >
          <Box sx={{ flex: 1, minWidth: 0, lineHeight: 1.25 }}>
            <Typography variant="h3" component="span" sx={{ display: "flex", gap: 0.5 }}>
              {place.place.name}
              {place.temperature.troubles.some((t) => t.hurtsSeed) && <AlarmMark />}
            </Typography>
            <Typography component="span" variant="body2" color="text.secondary" sx={{ display: "block" }}>
              {several(place.parts.length, "vessel")} · {nowWords(place.temperature, units, timeZone, today)}
            </Typography>
          </Box>
          <Box sx={{ textAlign: "right", lineHeight: 1.2 }}>
            <Typography component="span" sx={{ fontWeight: 700, fontSize: "1.3rem", display: "block" }}>
              {jobs > 0 && jobs}
            </Typography>
            {late > 0 && (
              <Typography component="span" variant="body2" sx={{ color: palette.alarm, fontWeight: 600 }}>
                {late} overdue
              </Typography>
            )}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
