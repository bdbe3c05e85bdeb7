import type { ColdSoFar } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { useNarrow } from "../shared/useNarrow";
import { daysBetween, monthName, monthStarts, shortDay } from "../time/days";
import type { Day } from "../time/days";
import { linear, niceCeiling, ticks } from "./scale";

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [242, 46, 26, 26, 14];

/** Days of cold gained by temperature against what the route asks for, with the way it goes on at the rate of the last week. */
export function ColdChart({ cold, today }: { cold: ColdSoFar; today: Day }) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 640;
  const { shortest, usual } = cold;
  const metOn = usual.weighted.allKept;
  const end = metOn !== null && metOn > today ? metOn : today;
  const span = Math.max(14, daysBetween(cold.since, end) + 4);
  const sum = cold.all.effective;
  const top = niceCeiling(Math.max(usual.days, sum) * 1.06);
  const x = linear(0, span, LEFT, width - RIGHT);
  const y = linear(0, top, HEIGHT - BOTTOM, TOP);
  const now = daysBetween(cold.since, today);
  const needs = [
    { days: shortest.days, words: `at least ${shortest.days} days` },
    { days: usual.days, words: `usual ${usual.days}` },
  ].filter((need, i, all) => need.days > 0 && (i === 0 || need.days !== all[0]?.days));
  // two needs close together would be written over each other: the lesser then stands below its line
  const isClose = needs.length > 1 && y(needs[0]?.days ?? 0) - y(needs[1]?.days ?? 0) < 16;
  const needY = (i: number): number => y(needs[i]?.days ?? 0) + (isClose && i === 0 ? 15 : -5);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Cold gained by temperature: ${sum.toFixed(1)} days since ${shortDay(cold.since, today)}, of ${usual.days} usual`}
      data-testid="cold-chart"
    >
      {ticks(top, 4).map((t) => (
        <g key={t}>
          <line x1={LEFT} x2={width - RIGHT} y1={y(t)} y2={y(t)} stroke={p.line} />
          <text x={LEFT - 6} y={y(t) + 4} fontSize={13} textAnchor="end" fill={p.ink2}>
            {t}
          </text>
        </g>
      ))}
      {monthStarts(cold.since, end).map((start) => (
        <g key={start}>
          <line
            x1={x(daysBetween(cold.since, start))}
            x2={x(daysBetween(cold.since, start))}
            y1={HEIGHT - BOTTOM}
            y2={HEIGHT - BOTTOM + 5}
            stroke={p.ink2}
          />
          <text x={x(daysBetween(cold.since, start)) + 3} y={HEIGHT - 8} fontSize={13} fill={p.ink2}>
            {monthName(start)}
          </text>
        </g>
      ))}
      {cold.daily.map((day) => (
        <rect
          key={day.date}
          x={x(daysBetween(cold.since, day.date))}
          y={y(day.sum)}
          width={Math.max(1, x(1) - x(0))}
          height={y(0) - y(day.sum)}
          fill={day.certain ? (day.source === "measured" ? p.frost : "url(#texture-cold)") : p.wash.warm}
          opacity={day.source === "measured" && day.certain ? 0.75 : 1}
        />
      ))}
      {needs.map((need, i) => (
        <g key={need.words}>
          <line
            x1={LEFT}
            x2={width - RIGHT}
            y1={y(need.days)}
            y2={y(need.days)}
            stroke={p.ink}
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
          <text x={LEFT + 6} y={needY(i)} fontSize={13} fontWeight={600} fill={p.ink}>
            {need.words}
          </text>
        </g>
      ))}
      {metOn !== null && metOn > today && (
        <line
          x1={x(now)}
          y1={y(sum)}
          x2={x(daysBetween(cold.since, metOn) + 1)}
          y2={y(usual.days)}
          stroke={p.frost}
          strokeWidth={2}
          strokeDasharray="3 4"
        />
      )}
      <line x1={x(now)} x2={x(now)} y1={4} y2={HEIGHT - BOTTOM} stroke={p.alarm} strokeWidth={1.5} />
      <text
        x={Math.max(x(now) - 4, LEFT + 36)}
        y={14}
        fontSize={12.5}
        fontWeight={700}
        textAnchor="end"
        fill={p.alarm}
      >
        today
      </text>
    </svg>
  );
}
