import { Box, Typography } from "@mui/material";
import type { ForecastTrial as Trial } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { several } from "../../shared/numbers";
import { degrees, length, speed, useUnits } from "../../shared/units";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { COLUMNS } from "./forecastGrid";

/** What a forecast from outside says, before it counts. */
export function ForecastTrial({ trial, today }: { trial: Trial; today: Day }) {
  const units = useUnits();
  const { palette } = useDevice();
  const told = (value: number | null | undefined, words: (value: number) => string) =>
    value === null || value === undefined ? "–" : words(value);
  return (
    <Box data-testid="forecast-trial" sx={{ mt: 1.5, display: "grid", gap: 1 }}>
      {trial.fault && (
        <Typography role="alert" sx={{ color: palette.alarm, fontWeight: 600 }}>
          {trial.fault}
        </Typography>
      )}
      {trial.days.length > 0 && (
        <Box sx={{ overflowX: "auto" }}>
          <Box
            component="table"
            sx={{
              borderCollapse: "collapse",
              "& td, & th": { pr: 1.5, py: 0.25, textAlign: "right", whiteSpace: "nowrap" },
            }}
          >
            <thead>
              <tr>
                <Box component="th" sx={{ textAlign: "left !important" }}>
                  Day
                </Box>
                {COLUMNS.map((column) => (
                  <th key={column.field}>{column.words}</th>
                ))}
              </tr>
            </thead>
            <tbody>
              {trial.days.map((line) => (
                <tr key={line.date}>
                  <Box component="td" sx={{ textAlign: "left !important" }}>
                    {actDay(line.date, today)}
                  </Box>
                  <td>{told(line.lowC, (c) => degrees(c, units))}</td>
                  <td>{told(line.highC, (c) => degrees(c, units))}</td>
                  <td>{told(line.gustKmh, (kmh) => speed(kmh, units))}</td>
                  <td>{told(line.rainMm, (mm) => length(mm, units))}</td>
                  <td>{told(line.snowCm, (cm) => length(10 * cm, units))}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
      {trial.past > 0 && (
        <Typography variant="body2">{several(trial.past, "day")} before today left out.</Typography>
      )}
      {trial.refused.map((row) => (
        <Typography key={row.line} variant="body2">
          Row {row.line}: {row.refused}
        </Typography>
      ))}
      {trial.beginning !== "" && (trial.fault !== null || trial.days.length === 0) && (
        <Box
          component="pre"
          aria-label="beginning of the answer"
          sx={{
            m: 0,
            p: 1,
            maxHeight: 220,
            overflow: "auto",
            fontSize: "0.85rem",
            border: `1px solid ${palette.line}`,
          }}
          tabIndex={0}
        >
          {trial.beginning}
        </Box>
      )}
    </Box>
  );
}
