import { useState } from "react";
import { Box, Typography } from "@mui/material";
import type { PlaceDetail } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { linear } from "../../drawings/scale";
import { Choice } from "../../shared/Choice";
import { degrees, fromMetric, toMetric, unitOf, useUnits } from "../../shared/units";
import { useNarrow } from "../../shared/useNarrow";
import { addDays, daysBetween, monthName, monthStarts, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { daysInto, momentWords } from "../../time/moments";
import { ChartTable } from "../../shared/ChartTable";

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [250, 46, 26, 12, 12];
const FORTNIGHT = 14;

interface TemperatureChartProps {
  detail: PlaceDetail;
  timeZone: string;
  today: Day;
}

interface Bar {
  /** Days since the first day shown, and how many wide. */
  at: number;
  wide: number;
  minC: number;
  meanC: number;
  maxC: number;
}

/** The last two weeks by the hour, or the winter by the day: from coldest to warmest, with the mean. */
export function TemperatureChart({ detail, timeZone, today }: TemperatureChartProps) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const narrow = useNarrow();
  const [span, setSpan] = useState<"fortnight" | "winter">("fortnight");
  if (detail.hours.length === 0 && detail.days.length === 0) {
    return (
      <Typography sx={{ my: 1 }} data-testid="place-unmeasured">
        Nothing has been measured here. Add a thermometer or read a logger’s file; until then{" "}
        {degrees(detail.place.assumedC, units)} is assumed, or what you read by eye at a check.
      </Typography>
    );
  }
  const width = narrow ? 360 : 760;
  const from: Day = span === "fortnight" ? addDays(today, -FORTNIGHT) : (detail.days[0]?.date ?? today);
  const length = daysBetween(from, today) + 1;
  const bars: Bar[] =
    span === "fortnight"
      ? detail.hours.map((hour) => ({ ...hour, at: daysInto(hour.at, from, timeZone), wide: 1 / 24 }))
      : detail.days.map((day) => ({ ...day, at: daysBetween(from, day.date), wide: 1 }));
  const shown = bars.filter((bar) => bar.at >= 0);
  const { wanted } = detail;
  const low = Math.min(...shown.map((b) => b.minC), wanted?.lowC ?? 99, detail.place.assumedC) - 1;
  const high = Math.max(...shown.map((b) => b.maxC), wanted?.highC ?? -99, detail.place.assumedC) + 1;
  const x = linear(0, length, LEFT, width - RIGHT);
  const y = linear(low, high, HEIGHT - BOTTOM, TOP);
  const marks = roundMarks(fromMetric(low, "temperature", units), fromMetric(high, "temperature", units));
  const days =
    span === "fortnight" ? Array.from({ length }, (_, i) => i).filter((i) => i % (narrow ? 4 : 2) === 0) : [];
  return (
    <Box>
      <Box sx={{ my: 1 }}>
        <Choice
          label="time shown"
          value={span}
          onChange={setSpan}
          options={[
            ["fortnight", "two weeks by the hour"],
            ["winter", "the winter by the day"],
          ]}
        />
      </Box>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        role="img"
        data-testid="temperature-chart"
        aria-label={
          `Temperature of ${detail.place.name} from ${shortDay(from, today)} to ${shortDay(today, today)}, ` +
          (shown.length === 0
            ? "nothing measured"
            : `between ${degrees(Math.min(...shown.map((b) => b.minC)), units)} ` +
              `and ${degrees(Math.max(...shown.map((b) => b.maxC)), units)}`)
        }
      >
        {wanted && (
          <rect
            x={LEFT}
            width={width - LEFT - RIGHT}
            y={y(wanted.highC)}
            height={y(wanted.lowC) - y(wanted.highC)}
            fill={detail.place.kind === "coldShelf" ? p.wash.cold : p.wash.warm}
          />
        )}
        {marks.map((mark) => (
          <g key={mark}>
            <line
              x1={LEFT}
              x2={width - RIGHT}
              y1={y(toMetric(mark, "temperature", units))}
              y2={y(toMetric(mark, "temperature", units))}
              stroke={p.line}
            />
            <text
              x={LEFT - 6}
              y={y(toMetric(mark, "temperature", units)) + 4}
              fontSize={13}
              textAnchor="end"
              fill={p.ink2}
            >
              {String(mark).replace("-", "−")}
            </text>
          </g>
        ))}
        <text x={4} y={TOP + 4} fontSize={13} fill={p.ink2}>
          {unitOf("temperature", units)}
        </text>
        {shown.map((bar) => (
          <g key={bar.at}>
            <line
              x1={x(bar.at + bar.wide / 2)}
              x2={x(bar.at + bar.wide / 2)}
              y1={y(bar.minC)}
              y2={y(bar.maxC)}
              stroke={p.frost}
              strokeWidth={Math.max(1, (x(bar.wide) - x(0)) * 0.8)}
              opacity={0.4}
            />
            <rect
              x={x(bar.at)}
              width={Math.max(1.5, x(bar.wide) - x(0))}
              y={y(bar.meanC) - 1}
              height={2.5}
              fill={p.slate}
            />
          </g>
        ))}
        {span === "fortnight" &&
          detail.jumps
            .filter((jump) => jump.tempC > high || jump.tempC < low)
            .map((jump) => (
              <text
                key={jump.at}
                x={x(daysInto(jump.at, from, timeZone))}
                y={TOP + 10}
                fontSize={12.5}
                fill={p.ink}
              >
                ⚑ {degrees(jump.tempC, units)} left out
              </text>
            ))}
        {days.map((i) => (
          <text
            key={i}
            x={x(i)}
            y={HEIGHT - 8}
            fontSize={13}
            textAnchor={x(i) > width - 50 ? "end" : "start"}
            fill={p.ink2}
          >
            {shortDay(addDays(from, i), today)}
          </text>
        ))}
        {span === "winter" &&
          monthStarts(from, today).map((start) => (
            <text key={start} x={x(daysBetween(from, start))} y={HEIGHT - 8} fontSize={13} fill={p.ink2}>
              {monthName(start)}
            </text>
          ))}
      </svg>
      <Typography variant="body2" color="text.secondary">
        Pale: from coldest to warmest. Dark: the mean.
        {wanted &&
          ` Shaded: ${degrees(wanted.lowC, units)} to ${degrees(wanted.highC, units)}, the range this step needs.`}{" "}
        No mark: nothing measured.
      </Typography>
      <ChartTable
        caption={`Temperature of ${detail.place.name}, ${span === "fortnight" ? "hour by hour" : "day by day"}`}
        columns={[span === "fortnight" ? "Hour" : "Day", "Coldest", "Mean", "Warmest"]}
        rows={() =>
          (span === "fortnight"
            ? detail.hours.map((hour) => ({ ...hour, when: momentWords(hour.at, timeZone, today) }))
            : detail.days.map((day) => ({ ...day, when: shortDay(day.date, today) }))
          ).map((row) => [
            row.when,
            degrees(row.minC, units),
            degrees(row.meanC, units),
            degrees(row.maxC, units),
          ])
        }
      />
    </Box>
  );
}

function roundMarks(low: number, high: number): number[] {
  const size = [1, 2, 5, 10, 20].find((s) => (high - low) / s <= 6) ?? 50;
  const first = Math.ceil(low / size);
  return Array.from({ length: Math.floor(high / size) - first + 1 }, (_, i) => (first + i) * size);
}
