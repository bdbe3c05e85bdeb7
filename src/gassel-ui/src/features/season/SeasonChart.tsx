import { WORDS } from "../../api/words";
import type { SeasonRow, SeasonView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { MonthNames } from "../../drawings/MonthNames";
import { ribbonWords } from "../../drawings/ribbonWords";
import { Stretches } from "../../drawings/Stretches";
import { useNarrow } from "../../shared/useNarrow";
import { addDays, daysBetween, monthStarts, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { isLate, rowHeight } from "./seasonFilter";

interface SeasonChartProps {
  view: SeasonView;
  rows: SeasonRow[];
  from: Day;
  to: Day;
  chosen: string | null;
  onChoose: (id: string) => void;
}

const TOP = 34;
const STRIP = 18;

/** Ribbons under one another along the winter, frost behind them, and the room on the shelves below. */
export function SeasonChart({ view, rows, from, to, chosen, onChoose }: SeasonChartProps) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const [left, width] = narrow ? [62, 420] : [206, 1200];
  const row = rowHeight(rows.length);
  const span = Math.max(1, daysBetween(from, to));
  const x: Along = (day) =>
    left + (Math.min(Math.max(daysBetween(from, day), 0), span) / span) * (width - left);
  const strips = view.space.filter((s) => s.capacity !== null);
  const below = TOP + rows.length * row + 6;
  const height = below + strips.length * STRIP + 2;
  const months = monthStarts(from, to);
  const frame: Frame = { x, from, to, left, width };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="group"
      aria-label={`${rows.length} batches from ${shortDay(from)} to ${shortDay(to)}`}
      data-testid="season-chart"
      style={{ display: "block" }}
    >
      <Soft colour={p.ochre} />
      {view.frost
        .filter((f) => f.day >= from && f.day < to && f.share > 0)
        .map((f) => (
          <rect
            key={f.day}
            x={x(f.day)}
            y={TOP - 8}
            width={x(addDays(f.day, 7)) - x(f.day) + 0.3}
            height={below - TOP + 8}
            fill={p.frost}
            opacity={0.16 * f.share}
          />
        ))}
      {months.map((month) => (
        <line key={month} x1={x(month)} x2={x(month)} y1={TOP - 8} y2={height} stroke={p.line} />
      ))}
      {rows.map((r, i) => (
        <Row
          key={r.id}
          row={r}
          top={TOP + i * row}
          height={row}
          frame={frame}
          chosen={chosen === r.id}
          narrow={narrow}
          onChoose={() => onChoose(r.id)}
        />
      ))}
      {strips.map((s, i) => (
        <Strip key={s.place} strip={s} top={below + i * STRIP} frame={frame} narrow={narrow} />
      ))}
      <line x1={x(view.today)} x2={x(view.today)} y1={TOP - 8} y2={height} stroke={p.alarm} strokeWidth={2} />
      <MonthNames from={from} to={to} x={x} y={22} />
      <text x={x(view.today)} y={10} fontSize={12.5} fontWeight={700} textAnchor="middle" fill={p.alarm}>
        today
      </text>
    </svg>
  );
}

type Along = (day: Day) => number;

interface Frame {
  x: Along;
  from: Day;
  to: Day;
  left: number;
  width: number;
}

interface RowProps {
  row: SeasonRow;
  top: number;
  height: number;
  frame: Frame;
  chosen: boolean;
  narrow: boolean;
  onChoose: () => void;
}

/** A batch: its name as something to press, and its ribbon. */
function Row({ row, top, height, frame, chosen, narrow, onChoose }: RowProps) {
  const { palette: p } = useDevice();
  return (
    <g style={{ cursor: "pointer" }} onClick={onChoose}>
      <rect
        x={0}
        y={top}
        width={frame.width}
        height={height}
        fill={chosen ? p.ochre : p.card}
        opacity={chosen ? 0.14 : 0}
      />
      <g
        role="button"
        tabIndex={0}
        aria-pressed={chosen}
        data-testid={`row-${row.number}`}
        onKeyDown={(event) => {
          if (event.key !== "Enter" && event.key !== " ") return;
          event.preventDefault();
          onChoose();
        }}
      >
        <rect x={0} y={top} width={frame.left - 4} height={height} fill={p.card} opacity={0} />
        {isLate(row) && <path d={`M4 ${top + height - 4}v-10l9 4-9 3.5`} fill={p.alarm} stroke={p.alarm} />}
        <text
          x={18}
          y={top + height / 2 + 4.5}
          fontSize={height < 16 ? 12 : 13.5}
          fontWeight={chosen ? 700 : 400}
          fill={p.ink}
        >
          B-{row.number}
          {narrow ? "" : ` ${row.commonName}`}
          {!narrow && row.parts > 1 ? `, ${row.parts} parts` : ""}
        </text>
      </g>
      <Ribbon row={row} top={top} height={height} frame={frame} />
    </g>
  );
}

/** The window of a start fades out at both ends. */
function Soft({ colour }: { colour: string }) {
  return (
    <defs>
      <linearGradient id="soft-window">
        <stop offset="0" stopColor={colour} stopOpacity="0" />
        <stop offset="0.35" stopColor={colour} stopOpacity="0.45" />
        <stop offset="0.65" stopColor={colour} stopOpacity="0.45" />
        <stop offset="1" stopColor={colour} stopOpacity="0" />
      </linearGradient>
    </defs>
  );
}

/** True where a stretch does not lie as it was planned. */
const isMoved = (s: SeasonRow["ribbon"][number]) => s.plannedStart !== s.start || s.plannedEnd !== s.end;

function Ribbon({ row, top, height, frame }: Pick<RowProps, "row" | "top" | "height" | "frame">) {
  const { palette: p } = useDevice();
  const { x, from, to } = frame;
  return (
    <g>
      <title>{`B-${row.number} ${row.commonName}: ${ribbonWords(row.ribbon)}`}</title>
      {row.window && (
        <rect
          x={x(row.window.from)}
          y={top + 1}
          width={Math.max(3, x(row.window.to) - x(row.window.from))}
          height={height - 2}
          fill="url(#soft-window)"
        />
      )}
      <Stretches
        stretches={row.ribbon.filter((s) => s.end > from && s.start < to && s.end > s.start)}
        x={x}
        top={top + 2}
        height={height - 6}
        least={2}
        edge={1.2}
        words={height >= 18 ? 12.5 : null}
        plannedAt={(s) => (isMoved(s) && s.plannedEnd > from ? top + height - 2.5 : null)}
      />
      {row.target >= from && row.target < to && (
        <path
          d={`M${x(row.target)} ${top + height - 4}l4.5 4h-9z`}
          fill={row.missesBy > 0 ? p.alarm : p.ink}
        />
      )}
    </g>
  );
}

/** Room at a place: how full, and where it is not enough. */
function Strip({
  strip,
  top,
  frame: { x, from, to, left, width },
  narrow,
}: {
  strip: SeasonView["space"][number];
  top: number;
  frame: Frame;
  narrow: boolean;
}) {
  const { palette: p } = useDevice();
  const room = strip.capacity ?? 1;
  const tall = STRIP - 4;
  return (
    <g data-testid={`room-${strip.place}`}>
      <text x={18} y={top + 13} fontSize={12.5} fill={p.ink}>
        {narrow
          ? WORDS.PlaceKind[strip.place].split(" ")[0]
          : `${WORDS.PlaceKind[strip.place]}, ${room} ${strip.unit}`}
      </text>
      {strip.stretches
        .filter((s) => s.to > from && s.from < to && s.taken > 0)
        .map((s) => {
          const share = Math.min(1, s.taken / Math.max(1, room));
          const over = s.taken > room;
          return (
            <rect
              key={s.from}
              x={x(s.from)}
              y={top + 2 + tall * (1 - share)}
              width={Math.max(0.5, x(s.to) - x(s.from))}
              height={tall * share}
              fill={over ? p.alarm : p.slate}
              opacity={over ? 0.85 : 0.4}
            />
          );
        })}
      <line
        x1={left}
        x2={width}
        y1={top + 2}
        y2={top + 2}
        stroke={p.ink2}
        strokeDasharray="2 4"
        strokeWidth={0.8}
      />
    </g>
  );
}
