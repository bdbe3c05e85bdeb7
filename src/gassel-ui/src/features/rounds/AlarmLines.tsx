import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import { useForecast } from "../../book/queries";
import type { RoundsView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";

interface AlarmLinesProps {
  places: RoundsView["places"];
  yard: RoundsView["yard"];
}

/** Alarms of the places and of the yard, a line each, above the choice of a place. */
export function AlarmLines({ places, yard }: AlarmLinesProps) {
  const { palette } = useDevice();
  const forecast = useForecast().data;
  const hasOut = places.some((p) => p.place.isOutdoors && p.parts.length > 0);
  const lines = [
    // without a forecast nobody can say that the night is harmless
    ...(hasOut && forecast && forecast.state !== "known" ? [{ to: "/yard", words: forecast.words }] : []),
    ...yard.slice(0, 1).map((alert) => ({ to: "/yard", words: alert.title })),
    ...places.flatMap(({ place, temperature }) =>
      temperature.troubles
        .filter((trouble) => trouble.isPresent)
        .map((trouble) => ({ to: `/?place=${place.id}`, words: trouble.title })),
    ),
    ...(yard.length > 1 ? [{ to: "/yard", words: `${yard.length - 1} more in the yard` }] : []),
  ];
  if (lines.length === 0) return null;
  return (
    <Box role="alert" sx={{ borderLeft: `5px solid ${palette.alarm}`, pl: 1, mb: 1 }}>
      {lines.map(({ to, words }) => (
        <Box
          key={to + words}
          component={Link}
          to={to}
          sx={{
            display: "flex",
            alignItems: "center",
            gap: 0.75,
            minHeight: 48,
            color: palette.ink,
            textDecoration: "none",
            lineHeight: 1.2,
          }}
        >
          <AlarmMark />
          <Typography component="span" sx={{ fontWeight: 600, lineHeight: 1.2 }}>
            {words}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
