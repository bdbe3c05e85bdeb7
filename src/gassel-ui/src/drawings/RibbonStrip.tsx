import type { RibbonStretch } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { useNarrow } from "../shared/useNarrow";
import { addDays, daysBetween, monthStarts } from "../time/days";
import type { Day } from "../time/days";
import { MonthNames } from "./MonthNames";
import { ribbonWords } from "./ribbonWords";
import { Stretches } from "./Stretches";

interface RibbonStripProps {
  stretches: RibbonStretch[];
  today: Day;
  /** Without months and words: one line in a list. */
  plain?: boolean;
  /** Shared span, so that ribbons of a list stand under one another. */
  from?: Day;
  to?: Day;
}

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
  const [top, height] = plain ? [2, 18] : [26, 30];
  return (
    <svg
      viewBox={`0 0 ${width} ${plain ? 22 : 92}`}
      width="100%"
      role="img"
      aria-label={ribbonWords(stretches)}
      style={{ display: "block" }}
    >
      {!plain && (
        <>
          {monthStarts(start, end).map((month) => (
            <line key={month} x1={x(month)} x2={x(month)} y1={18} y2={70} stroke={p.line} />
          ))}
          <MonthNames from={start} to={end} x={x} y={14} />
        </>
      )}
      <Stretches
        stretches={stretches}
        x={x}
        top={top}
        height={height}
        least={4}
        edge={1.5}
        words={plain ? null : 14}
        plannedAt={() => (plain ? null : top + height + 6)}
      />
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
