import { WORDS } from "../api/words";
import type { LongRecord } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { useNarrow } from "../shared/useNarrow";
import { dayNumber } from "../time/days";
import type { Day } from "../time/days";
import { linear, linesFor } from "./scale";

interface Span {
  /** First and last day of the whole page, so that rows stand under one another. */
  from: Day;
  to: Day;
  today: Day;
  south: boolean;
}

const LINE = 18;
const FIRST_WORDS = 46;
const WORDS_HIGH = 16;
/** Of one letter at the size of the words. */
const LETTER = 6.6;

const DRAWN: Record<LongRecord["events"][number]["kind"], string> = {
  warm: "M-5 3q2.5 -8 5 0t5 0",
  cold: "M0 -6V6M-5 -3L5 3M-5 3L5 -3",
  sown: "M-6 -2H6M0 -2V-6M-3 3a3 3 0 1 0 6 0a3 3 0 1 0 -6 0",
  up: "M0 6V-3M0 -3q-7 -1 -7 -6q6 0 7 6q1 -6 7 -6q0 5 -7 6",
  rooted: "M0 -6V0M0 0q-4 3 -5 7M0 0V7M0 0q4 3 5 7",
  kept: "M-5 -5V5M5 -5V5M-5 0H5",
  potted: "M-6 -5H6L4 6H-4Z",
  diedBack: "M0 6V-1M0 -1q-6 0 -7 6M0 -1q6 0 7 6",
  cameAgain: "M0 6V-3M0 -3q-7 -1 -7 -6q6 0 7 6",
  planted: "M-7 6H7M0 6V-4M-4 -1L0 -6L4 -1",
};

const place =
  ({ from, to }: Span, width: number) =>
  (day: Day) =>
    linear(dayNumber(from), dayNumber(to), 24, width - 16)(dayNumber(day));

const yearsOf = ({ from, to }: Span) =>
  Array.from(
    { length: Number(to.slice(0, 4)) - Number(from.slice(0, 4)) + 2 },
    (_, i) => Number(from.slice(0, 4)) + i,
  );

/** A batch along its years: winters shaded, what happened as marks with their numbers, and when its plants are of planting size. */
export function YearsChart({ record, ...span }: Span & { record: LongRecord }) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 900;
  const x = place(span, width);
  const { to, today } = span;
  const marks = record.events.map((event) => {
    const words = WORDS.LongEventKind[event.kind];
    const whole = event.plants === null ? words : `${event.plants} ${words}`;
    return {
      event,
      draw: DRAWN[event.kind],
      words: whole,
      at: x(event.on),
      width: whole.length * LETTER + 8,
    };
  });
  const lines = linesFor(marks);
  const height = FIRST_WORDS + WORDS_HIGH * Math.max(0, ...lines) + 8;
  const end = record.plantableOn && record.plantableOn < to ? record.plantableOn : to;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ display: "block" }}
      role="img"
      data-testid={`years-${record.number}`}
      aria-label={marks.map((m) => `${m.event.on} ${m.words}`).join("; ")}
    >
      <WinterBands {...span} width={width} height={height} />
      <line x1={x(record.startedOn)} x2={x(today)} y1={LINE} y2={LINE} stroke={p.ink} strokeWidth={3} />
      {end > today && (
        <line
          x1={x(today)}
          x2={x(end)}
          y1={LINE}
          y2={LINE}
          stroke={p.ink}
          strokeWidth={2}
          strokeDasharray="3 5"
        />
      )}
      {record.plantableOn && record.plantableOn <= to && (
        <path
          d={`M${x(record.plantableOn) - 7} ${LINE}l7 -9l7 9l-7 9z`}
          fill={p.card}
          stroke={p.ink}
          strokeWidth={2}
        />
      )}
      <line x1={x(today)} x2={x(today)} y1={0} y2={height} stroke={p.ochre} strokeWidth={2} />
      {marks.map((mark, i) => (
        <g key={i}>
          <circle cx={mark.at} cy={LINE} r={10} fill={p.card} stroke={p.ink2} />
          <path
            d={mark.draw}
            transform={`translate(${mark.at} ${LINE}) scale(0.8)`}
            fill="none"
            stroke={p.ink}
            strokeWidth={1.8}
          />
          <text
            x={mark.at}
            y={FIRST_WORDS + WORDS_HIGH * (lines[i] ?? 0)}
            fontSize={13}
            textAnchor="middle"
            fill={p.ink}
            stroke={p.card}
            strokeWidth={3}
            paintOrder="stroke"
          >
            {mark.words}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** The years that the rows below it share. */
export function YearsAxis(span: Span) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 900;
  const x = place(span, width);
  return (
    <svg viewBox={`0 0 ${width} 24`} width="100%" style={{ display: "block" }} aria-hidden>
      <WinterBands {...span} width={width} height={24} />
      {yearsOf(span).map((year) => {
        const at = x(`${year}-${span.south ? "01" : "07"}-01`);
        return (
          at > 0 &&
          at < width && (
            <text key={year} x={at} y={17} fontSize={14} fontWeight={600} textAnchor="middle" fill={p.ink2}>
              {narrow ? year : `summer ${year}`}
            </text>
          )
        );
      })}
    </svg>
  );
}

/** Mid-November to the end of February in the north, half a year away in the south. */
function WinterBands({ width, height, ...span }: Span & { width: number; height: number }) {
  const { palette: p } = useDevice();
  const x = place(span, width);
  return yearsOf(span).map((year) => {
    const [a, b] = span.south
      ? [x(`${year}-05-15`), x(`${year}-09-01`)]
      : [x(`${year - 1}-11-15`), x(`${year}-03-01`)];
    const [left, right] = [Math.max(0, a), Math.min(width, b)];
    return (
      right > left && (
        <rect key={year} x={left} y={0} width={right - left} height={height} fill={p.frost} opacity={0.13} />
      )
    );
  });
}
