import type { SetOutResult } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { daysBetween, monthName, monthStarts, shortDay } from "../time/days";
import type { Day } from "../time/days";
import { linear } from "./scale";

interface SetOutChartProps {
  result: SetOutResult;
  today: Day;
  /** Day that the plan sets out on; null for none. */
  chosen?: Day | null;
  compact?: boolean;
}

/** For every day to set out on: how often the cold is enough, how often the seed waits a year, how often a freeze hits what came up. */
export function SetOutChart({ result, today, chosen = null, compact = false }: SetOutChartProps) {
  const { palette: p } = useDevice();
  const { dates, window } = result;
  const first = dates[0]?.date;
  const last = dates.at(-1)?.date;
  if (!first || !last) return null;
  const [width, height, left, right, top, bottom] = compact
    ? [420, 64, 4, 4, 4, 16]
    : [640, 210, 44, 12, 22, 26];
  const x = linear(0, Math.max(1, daysBetween(first, last)), left, width - right);
  const y = linear(0, 1, height - bottom, top);
  const at = (day: Day) => x(daysBetween(first, day));
  const line = (share: (d: (typeof dates)[number]) => number) =>
    dates.map((d, i) => `${i === 0 ? "M" : "L"}${at(d.date).toFixed(1)} ${y(share(d)).toFixed(1)}`).join("");
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ display: "block", maxWidth: compact ? undefined : 720 }}
      role="img"
      aria-label={
        window
          ? `Good days to set out: ${shortDay(window.earliest, today)} to ${shortDay(window.latest, today)}`
          : "No day has enough cold in nine winters of ten"
      }
    >
      {window && (
        <rect
          x={at(window.earliest)}
          y={top}
          width={Math.max(3, at(window.latest) - at(window.earliest))}
          height={height - bottom - top}
          fill={p.wash.cold}
        />
      )}
      {!compact &&
        [0, 0.5, 1].map((share) => (
          <g key={share}>
            <line x1={left} x2={width - right} y1={y(share)} y2={y(share)} stroke={p.line} />
            <text x={left - 5} y={y(share) + 4} fontSize={12.5} textAnchor="end" fill={p.ink2}>
              {share * 10}
              {share === 1 ? " in 10" : ""}
            </text>
          </g>
        ))}
      <path
        d={`${line((d) => d.chillMetShare)}L${at(last)} ${y(0)}L${at(first)} ${y(0)}Z`}
        fill="url(#texture-cold)"
        opacity={0.6}
      />
      <path d={line((d) => d.chillMetShare)} fill="none" stroke={p.frost} strokeWidth={2.4} />
      <path
        d={line((d) => d.freezeAfterEmergenceShare)}
        fill="none"
        stroke={p.alarm}
        strokeWidth={2}
        strokeDasharray="6 4"
      />
      {!compact && (
        <>
          <text x={left + 4} y={top - 7} fontSize={12.5} fontWeight={600} fill={p.frost}>
            enough cold before the warmth
          </text>
          <text x={left + 222} y={top - 7} fontSize={12.5} fontWeight={600} fill={p.alarm}>
            broken line: a killing freeze after they are up
          </text>
        </>
      )}
      {monthStarts(first, last).map((start) => (
        <text key={start} x={at(start)} y={height - 4} fontSize={12} fill={p.ink2}>
          {monthName(start)}
        </text>
      ))}
      {chosen !== null && chosen >= first && chosen <= last && (
        <g>
          <line
            x1={at(chosen)}
            x2={at(chosen)}
            y1={top}
            y2={height - bottom}
            stroke={p.ink}
            strokeWidth={2}
          />
          <text x={at(chosen) + 4} y={height - bottom - 5} fontSize={12.5} fontWeight={700} fill={p.ink}>
            planned {shortDay(chosen, today)}
          </text>
        </g>
      )}
    </svg>
  );
}
