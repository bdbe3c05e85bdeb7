import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { ForecastLine } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Failure } from "../../shared/Failure";
import { unitOf, useUnits } from "../../shared/units";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { COLUMNS, daysToTell, faultOf, gridOf, pasted } from "./forecastGrid";
import { useTellForecast } from "./useTellForecast";

interface ForecastGridProps {
  lines: ForecastLine[];
  today: Day;
  close: () => void;
}

/** One row a day; a block copied from a table goes in where it is pasted. */
export function ForecastGrid({ lines, today, close }: ForecastGridProps) {
  const units = useUnits();
  const { palette } = useDevice();
  const [before] = useState(() => gridOf(lines, units));
  const [grid, setGrid] = useState(before);
  const { tell, error } = useTellForecast();
  const fault = grid
    .flatMap((cells, r) =>
      cells.map((cell, c) => {
        const column = COLUMNS[c];
        const why = column && faultOf(cell, column, units);
        return why ? `${column.words}, ${actDay(lines[r]?.date ?? today, today)}: ${why}` : null;
      }),
    )
    .find((why) => why !== null);
  const days = fault ? [] : daysToTell(grid, before, lines, units);
  const put = (row: number, column: number, text: string) =>
    setGrid(grid.map((cells, r) => cells.map((cell, c) => (r === row && c === column ? text : cell))));
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (days.length > 0) void tell(days).then((told) => told && close());
      }}
      sx={{ mt: 1 }}
      data-testid="forecast-grid"
    >
      <Box sx={{ overflowX: "auto" }}>
        <Box
          component="table"
          sx={{
            borderCollapse: "collapse",
            width: "100%",
            "& th": { textAlign: "left", fontWeight: 600, fontSize: "0.9rem", lineHeight: 1.2, pr: 1 },
            "& thead th": { verticalAlign: "bottom", textAlign: "right" },
            "& tbody th": { width: { xs: 78, sm: 116 } },
            "& td": { p: 0.25 },
            "& input": {
              font: "inherit",
              width: "100%",
              minWidth: 44,
              height: 44,
              px: 0.75,
              textAlign: "right",
              color: "inherit",
              bgcolor: palette.card,
              border: `1px solid ${palette.line}`,
              borderRadius: 1,
            },
            "& input[aria-invalid='true']": { borderColor: palette.alarm, borderWidth: 2 },
          }}
        >
          <thead>
            <tr>
              <td />
              {COLUMNS.map((column) => (
                <th key={column.field}>
                  {column.words} {unitOf(column.measure, units)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map((line, r) => (
              <tr key={line.date}>
                <th>{rowWords(line.date, today, r)}</th>
                {COLUMNS.map((column, c) => (
                  <td key={column.field}>
                    <input
                      aria-label={`${column.words}, ${actDay(line.date, today)}`}
                      name={`${column.field}-${r}`}
                      value={grid[r]?.[c] ?? ""}
                      inputMode="text"
                      autoComplete="off"
                      aria-invalid={faultOf(grid[r]?.[c] ?? "", column, units) !== null}
                      onChange={(event) => put(r, c, event.target.value)}
                      onPaste={(event) => {
                        const text = event.clipboardData.getData("text");
                        if (!/[\t\n;]/.test(text.trim())) return;
                        event.preventDefault();
                        setGrid(pasted(grid, r, c, text));
                      }}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        The low is of the night that ends on the day. Leave empty what you do not know.
      </Typography>
      {fault && (
        <Typography role="alert" sx={{ color: palette.alarm, fontWeight: 600 }}>
          {fault}
        </Typography>
      )}
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1, mt: 1 }}>
        <Button type="submit" variant="contained" disabled={days.length === 0}>
          Record forecast
        </Button>
        <Button onClick={close}>Cancel</Button>
      </Box>
    </Box>
  );
}

const rowWords = (day: Day, today: Day, row: number): string =>
  row === 0
    ? `Today ${actDay(day, today)}`
    : row === 1
      ? `Tonight to ${actDay(day, today)}`
      : actDay(day, today);
