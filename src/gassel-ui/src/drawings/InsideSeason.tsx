import type { ContainerDetail } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { degreeDays, useUnits } from "../shared/units";
import { useNarrow } from "../shared/useNarrow";
import { daysBetween, monthName, monthStarts, shortDay } from "../time/days";
import type { Day } from "../time/days";
import { linear, niceCeiling, ticks } from "./scale";

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [264, 44, 44, 38, 44];

/** The season inside: cold gained against needed, frozen days, warmth since, the window in which it should come up, and what came. */
export function InsideSeason({ detail, today }: { detail: ContainerDetail; today: Day }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const width = useNarrow() ? 380 : 760;
  const { days, brief, counts, thermal } = detail;
  const first = days[0]?.inside.date;
  const last = days.at(-1)?.inside.date;
  if (!first || !last || brief.coldNeed === null) return null;
  const span = Math.max(20, daysBetween(first, last));
  const x = (day: Day) => linear(0, span, LEFT, width - RIGHT)(daysBetween(first, day));
  const top = niceCeiling(Math.max(brief.coldNeed, ...days.map((d) => d.cold)) * 1.05);
  const y = linear(0, top, HEIGHT - BOTTOM, TOP);
  const warm = thermal ? Math.max(thermal.t90, 1) : 1;
  const w = linear(0, warm * 1.05, HEIGHT - BOTTOM, TOP);
  const e = brief.emergence;
  const area = days.map((d) => `L${x(d.inside.date).toFixed(1)} ${y(d.cold).toFixed(1)}`).join("");
  const known = days.filter((d) => d.source === "recorded");
  const knownEnd = known.at(-1)?.inside.date ?? first;
  const degrees = days.filter((d) => d.degrees > 0 && d.degrees <= warm * 1.05);
  const emerged = counts.reduce<{ on: Day; sum: number }[]>(
    (sums, c) => [...sums, { on: c.on, sum: (sums.at(-1)?.sum ?? 0) + c.emerged }],
    [],
  );
  const seeds = Math.max(1, brief.seeds);
  const u = linear(0, 1, HEIGHT - BOTTOM, TOP);
  const bar = Math.max(1, (width - LEFT - RIGHT) / span);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={
        `Since ${shortDay(first, today)}: ${(brief.cold ?? 0).toFixed(0)} of ` +
        `${brief.coldNeed.toFixed(0)} days of cold in the mix, ${brief.emerged} of ${brief.seeds} seeds up`
      }
      data-testid="inside-season"
    >
      {e?.first && (
        <g>
          <rect
            x={x(e.first)}
            y={TOP}
            width={Math.max(3, x(e.most ?? last) - x(e.first))}
            height={HEIGHT - BOTTOM - TOP}
            fill={p.wash.germinate}
          />
          <text
            x={Math.min(x(e.first) + 4, width - RIGHT - 96)}
            y={TOP - 5}
            fontSize={12.5}
            fontWeight={600}
            fill={p.ink}
          >
            expected up
          </text>
        </g>
      )}
      {ticks(top, 4).map((t) => (
        <g key={t}>
          <line x1={LEFT} x2={width - RIGHT} y1={y(t)} y2={y(t)} stroke={p.line} />
          <text x={LEFT - 6} y={y(t) + 4} fontSize={12.5} textAnchor="end" fill={p.frost}>
            {t}
          </text>
        </g>
      ))}
      <path d={`M${x(first)} ${y(0)}${area}L${x(last)} ${y(0)}Z`} fill="url(#texture-cold)" opacity={0.35} />
      <path
        d={
          `M${x(first)} ${y(0)}${known.map((d) => `L${x(d.inside.date).toFixed(1)} ${y(d.cold).toFixed(1)}`).join("")}L` +
          `${x(knownEnd)} ${y(0)}Z`
        }
        fill="url(#texture-cold)"
        stroke={p.frost}
        strokeWidth={1.6}
      />
      <line
        x1={LEFT}
        x2={width - RIGHT}
        y1={y(brief.coldNeed)}
        y2={y(brief.coldNeed)}
        stroke={p.ink}
        strokeWidth={1.5}
        strokeDasharray="5 4"
      />
      <text x={LEFT + 6} y={y(brief.coldNeed) - 5} fontSize={12.5} fontWeight={600} fill={p.ink}>
        {brief.coldNeed.toFixed(0)} days of cold needed
      </text>
      {days.map((d) =>
        d.inside.frozenHours > 0 ? (
          <rect
            key={d.inside.date}
            x={x(d.inside.date)}
            y={HEIGHT - BOTTOM + 11}
            width={bar}
            height={7}
            fill={p.frost}
            opacity={d.inside.frozenHours / 24}
          />
        ) : null,
      )}
      <text x={LEFT - 6} y={HEIGHT - BOTTOM + 19} fontSize={11} textAnchor="end" fill={p.ink2}>
        frozen
      </text>
      {thermal && degrees.length > 1 && (
        <g>
          <path
            d={degrees
              .map(
                (d, i) => `${i === 0 ? "M" : "L"}${x(d.inside.date).toFixed(1)} ${w(d.degrees).toFixed(1)}`,
              )
              .join("")}
            fill="none"
            stroke={p.clay}
            strokeWidth={2}
            strokeDasharray="8 3"
          />
          {[thermal.t10, thermal.t90].map((t) => (
            <text key={t} x={width - RIGHT + 5} y={w(t) + 4} fontSize={12.5} fill={p.clay}>
              {degreeDays(t, units)}
            </text>
          ))}
        </g>
      )}
      {emerged.map((c, i) =>
        c.sum > 0 ? (
          <circle
            key={i}
            cx={x(c.on)}
            cy={u(c.sum / seeds)}
            r={5}
            fill={p.card}
            stroke={p.lichen}
            strokeWidth={2.6}
          />
        ) : null,
      )}
      {monthStarts(first, last).map((start) => (
        <text key={start} x={x(start) + 2} y={HEIGHT - 6} fontSize={12.5} fill={p.ink2}>
          {monthName(start)}
        </text>
      ))}
      <line x1={x(today)} x2={x(today)} y1={4} y2={HEIGHT - BOTTOM} stroke={p.alarm} strokeWidth={1.5} />
      <text
        x={Math.max(x(today) - 4, LEFT + 36)}
        y={12}
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
