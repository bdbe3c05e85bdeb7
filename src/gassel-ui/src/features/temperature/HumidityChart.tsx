import { Typography } from "@mui/material";
import type { PlaceDetail } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { linear } from "../../drawings/scale";
import { useNarrow } from "../../shared/useNarrow";
import { addDays, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { daysInto, momentWords } from "../../time/moments";
import { ChartTable } from "../../shared/ChartTable";

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [130, 46, 26, 12, 12];
const FORTNIGHT = 14;

interface HumidityChartProps {
  hours: PlaceDetail["humidity"];
  place: string;
  timeZone: string;
  today: Day;
}

/** Relative humidity of two weeks, by the hour. Drawn where a thermometer tells it; nothing is computed from it. */
export function HumidityChart({ hours, place, timeZone, today }: HumidityChartProps) {
  const { palette: p } = useDevice();
  const width = useNarrow() ? 360 : 760;
  const from = addDays(today, -FORTNIGHT);
  const x = linear(0, FORTNIGHT + 1, LEFT, width - RIGHT);
  const y = linear(0, 100, HEIGHT - BOTTOM, TOP);
  const shown = hours
    .map((hour) => ({ ...hour, at: daysInto(hour.at, from, timeZone) }))
    .filter((h) => h.at >= 0);
  const last = shown.at(-1);
  if (!last) return null;
  const values = shown.map((hour) => hour.meanPercent);
  return (
    <>
      <Typography variant="h3" sx={{ mt: 1 }}>
        Humidity {Math.round(last.meanPercent)} %
      </Typography>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        role="img"
        data-testid="humidity-chart"
        aria-label={
          `Humidity of ${place} from ${shortDay(from, today)} to ${shortDay(today, today)}, ` +
          `between ${Math.round(Math.min(...values))} and ${Math.round(Math.max(...values))} %`
        }
      >
        {[0, 50, 100].map((mark) => (
          <g key={mark}>
            <line x1={LEFT} x2={width - RIGHT} y1={y(mark)} y2={y(mark)} stroke={p.line} />
            <text x={LEFT - 6} y={y(mark) + 4} fontSize={13} textAnchor="end" fill={p.ink2}>
              {mark} %
            </text>
          </g>
        ))}
        {shown.map((hour) => (
          <rect
            key={hour.at}
            x={x(hour.at)}
            y={y(hour.meanPercent) - 1}
            width={2}
            height={2.5}
            fill={p.slate}
          />
        ))}
        {Array.from({ length: FORTNIGHT + 1 }, (_, i) => i)
          .filter((i) => i % 2 === 0)
          .map((i) => (
            <text key={i} x={x(i)} y={HEIGHT - 8} fontSize={13} fill={p.ink2}>
              {shortDay(addDays(from, i), today)}
            </text>
          ))}
      </svg>
      <ChartTable
        caption={`Humidity of ${place}, hour by hour`}
        columns={["Hour", "Mean"]}
        rows={() =>
          hours.map((hour) => [momentWords(hour.at, timeZone, today), `${Math.round(hour.meanPercent)} %`])
        }
      />
    </>
  );
}
