import type { YardDay } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { length, speed, toFahrenheit, useUnits } from "../shared/units";
import { actDay } from "../time/days";
import type { Day } from "../time/days";
import { linear } from "./scale";

const [HEIGHT, TOP, BOTTOM, LEFT] = [174, 20, 46, 34];
const DAY = 46;
/** Gusts from which on the wind is told, and the height of its line. */
const [STORM_KMH, WIND] = [60, 14];

/** Days behind and ahead: a bar from the coldest to the warmest of each, with snow, rain and wind where they matter. */
export function OutlookStrip({ days, today }: { days: YardDay[]; today: Day }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  if (days.length === 0) return null;
  const width = LEFT + days.length * DAY + 14;
  const low = Math.min(-2, ...days.map((d) => d.minC));
  const high = Math.max(5, ...days.map((d) => d.maxC));
  const y = linear(low - 1, high + 1, HEIGHT - BOTTOM, TOP);
  const shown = (c: number) => String(Math.round(units === "metric" ? c : toFahrenheit(c))).replace("-", "−");
  // snow that lies on is said once, and wind has a line of its own: side by side they do not fit
  const fallen = (day: YardDay, before: YardDay | undefined) =>
    day.snowCm > 0
      ? Math.round(day.snowCm) === Math.round(before?.snowCm ?? 0)
        ? ""
        : `snow ${length(10 * day.snowCm, units)}`
      : day.wet
        ? "rain"
        : "";
  const height = HEIGHT + (days.some((day) => (day.gustKmh ?? 0) >= STORM_KMH) ? WIND : 0);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ display: "block", maxWidth: width * 1.3 }}
      role="img"
      aria-label={
        `Outdoors from ${actDay(days[0]?.date ?? today, today)} to ` +
        `${actDay(days.at(-1)?.date ?? today, today)}: coldest ${shown(low)}, warmest ${shown(high)} degrees`
      }
      data-testid="outlook"
    >
      <line x1={LEFT} x2={width} y1={y(0)} y2={y(0)} stroke={p.frost} strokeWidth={1.2} />
      <text x={LEFT - 5} y={y(0) + 4} fontSize={13} textAnchor="end" fill={p.frost} fontWeight={600}>
        {shown(0)}°
      </text>
      {days.map((day, i) => {
        const x = LEFT + i * DAY + DAY / 2;
        const ahead = day.source !== "recorded";
        const hard = day.minC <= -4;
        const [weekday = "", date = ""] = actDay(day.date, today).split(" ");
        return (
          <g key={day.date}>
            {day.date === today && (
              <rect
                x={x - DAY / 2 + 2}
                y={2}
                width={DAY - 4}
                height={HEIGHT - 4}
                rx={5}
                fill={p.paper}
                stroke={p.line}
              />
            )}
            <rect
              x={x - 9}
              y={y(day.maxC)}
              width={18}
              height={Math.max(3, y(day.minC) - y(day.maxC))}
              rx={6}
              fill={ahead ? (hard ? "url(#texture-cold)" : p.card) : p.line}
              stroke={hard ? p.frost : p.ink2}
              strokeWidth={hard ? 2.2 : 1.2}
              strokeDasharray={ahead ? "4 3" : undefined}
            />
            <text x={x} y={y(day.maxC) - 5} fontSize={13} textAnchor="middle" fill={p.ink}>
              {shown(day.maxC)}
            </text>
            <text
              x={x}
              y={y(day.minC) + 14}
              fontSize={13}
              textAnchor="middle"
              fill={p.ink}
              fontWeight={hard ? 700 : 400}
            >
              {shown(day.minC)}
            </text>
            <text
              x={x}
              y={HEIGHT - 20}
              fontSize={12.5}
              textAnchor="middle"
              fill={day.date === today ? p.alarm : p.ink2}
              fontWeight={day.date === today ? 700 : 400}
            >
              {day.date === today ? "today" : `${weekday} ${date}`}
            </text>
            <text x={x} y={HEIGHT - 4} fontSize={11.5} textAnchor="middle" fill={p.ink2}>
              {fallen(day, days[i - 1])}
            </text>
            {(day.gustKmh ?? 0) >= STORM_KMH && (
              <text x={x} y={HEIGHT + WIND - 4} fontSize={11.5} textAnchor="middle" fill={p.ink2}>
                {speed(day.gustKmh ?? 0, units)}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
