import type { RibbonStretch } from "../api/types";
import { useDevice } from "../app/DeviceContext";
import { useNarrow } from "../shared/useNarrow";
import { addDays, daysBetween, monthName, monthStarts, shortDay } from "../time/days";
import type { Day } from "../time/days";
import { stepWords, textureFill } from "./steps";

interface RibbonStripProps {
  stretches: RibbonStretch[];
  today: Day;
  /** Without months and words: one line in a list. */
  plain?: boolean;
  /** Shared span, so that ribbons of a list stand under one another. */
  from?: Day;
  to?: Day;
}

/** Least room for the name of a month. */
const MONTH_ROOM = 44;

/** A batch along time: firm edges for what was, broken ones for what follows; a thin line below tells what was planned. */
export function RibbonStrip({ stretches, today, plain = false, from, to }: RibbonStripProps) {
  const { palette: p } = useDevice();
  const width = useNarrow() ? 360 : 1000;
  const [first, last] = [stretches[0], stretches.at(-1)];
  if (!first || !last) return null;
  const start = from ?? addDays(first.start < first.plannedStart ? first.start : first.plannedStart, -7);
  const end = to ?? addDays(last.end > last.plannedEnd ? last.end : last.plannedEnd, 7);
  const span = Math.max(1, daysBetween(start, end));
  const x = (day: Day) => (Math.min(Math.max(daysBetween(start, day), 0), span) / span) * width;
  const months = monthStarts(start, end);
  const every = Math.ceil((MONTH_ROOM * span) / (30 * width));
  const [top, height] = plain ? [2, 18] : [26, 30];
  const words = stretches
    .map((s) => `${stepWords(s.kind)} ${shortDay(s.start)} to ${shortDay(s.end)}`)
    .join(", ");
  return (
    <svg
      viewBox={`0 0 ${width} ${plain ? 22 : 92}`}
      width="100%"
      role="img"
      aria-label={words}
      style={{ display: "block" }}
    >
      {!plain &&
        months
          .filter((_, i) => i % every === 0)
          .map((month) => (
            <g key={month}>
              <line x1={x(month)} x2={x(month)} y1={18} y2={70} stroke={p.line} />
              <text x={x(month) + 3} y={14} fontSize={13} fill={p.ink2}>
                {monthName(month)}
                {month.slice(5, 7) === "01" ? ` ${month.slice(0, 4)}` : ""}
              </text>
            </g>
          ))}
      {stretches.map((s) => {
        const long = Math.max(4, x(s.end) - x(s.start));
        return (
          <g key={s.step}>
            <rect
              x={x(s.start)}
              y={top}
              width={long}
              height={height}
              rx={3}
              fill={textureFill(s.kind)}
              stroke={p.ink2}
              strokeWidth={s.time === "ahead" ? 1 : 1.5}
              strokeDasharray={s.time === "ahead" ? "4 4" : undefined}
            />
            {!plain && (
              <>
                <line
                  x1={x(s.plannedStart)}
                  x2={x(s.plannedEnd)}
                  y1={top + height + 6}
                  y2={top + height + 6}
                  stroke={p.ink2}
                  strokeWidth={2}
                />
                {long > 70 && (
                  <text
                    x={x(s.start) + 6}
                    y={top + 20}
                    fontSize={14}
                    fontWeight={600}
                    fill={p.ink}
                    paintOrder="stroke"
                    stroke={p.card}
                    strokeWidth={5}
                    strokeLinejoin="round"
                  >
                    {stepWords(s.kind)}
                  </text>
                )}
              </>
            )}
          </g>
        );
      })}
      {today >= start && today <= end && (
        <>
          <line
            x1={x(today)}
            x2={x(today)}
            y1={plain ? 0 : 18}
            y2={plain ? 22 : 70}
            stroke={p.alarm}
            strokeWidth={2}
          />
          {!plain && (
            <text
              x={Math.min(Math.max(x(today), 20), width - 20)}
              y={86}
              fontSize={13}
              fontWeight={700}
              textAnchor="middle"
              fill={p.alarm}
            >
              today
            </text>
          )}
        </>
      )}
    </svg>
  );
}
