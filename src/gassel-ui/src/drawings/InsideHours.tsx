import type { ContainerDetail } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { useNarrow } from "../shared/useNarrow";
import { fromMetric, unitOf, useUnits } from "../shared/units";
import { actDay, dayAt, daysBetween } from "../time/days";
import type { Day } from "../time/days";
import { linear } from "./scale";

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [230, 40, 24, 12, 86];

interface InsideHoursProps {
  hours: ContainerDetail["hours"];
  killC: number | null;
  now: string;
  today: Day;
  timeZone: string;
}

/** Three days behind and a week ahead, hour by hour: outdoors, the air inside, the mix. */
export function InsideHours({ hours, killC, now, today, timeZone }: InsideHoursProps) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const width = useNarrow() ? 380 : 760;
  const first = hours[0];
  const last = hours.at(-1);
  if (!first || !last) return null;
  const at = (instant: string) => Date.parse(instant);
  const x = linear(at(first.at), at(last.at), LEFT, width - RIGHT);
  const all = hours.flatMap((h) => [
    h.airBand?.lowC ?? h.airC,
    h.airBand?.highC ?? h.airC,
    h.mediumC,
    h.outdoorC,
  ]);
  const [low, high] = [Math.floor(Math.min(...all, killC ?? 0) - 1), Math.ceil(Math.max(...all, 4) + 1)];
  const y = linear(low, high, HEIGHT - BOTTOM, TOP);
  const line = (of: (h: (typeof hours)[number]) => number) =>
    hours.map((h, i) => `${i === 0 ? "M" : "L"}${x(at(h.at)).toFixed(1)} ${y(of(h)).toFixed(1)}`).join("");
  const banded = hours.filter((h) => h.airBand);
  const edge = (side: "lowC" | "highC") =>
    banded.map((h) => `${x(at(h.at)).toFixed(1)} ${y(h.airBand?.[side] ?? h.airC).toFixed(1)}`);
  const marks = [-20, -15, -10, -5, 0, 5, 10, 15, 20, 25, 30, 35, 40].filter((c) => c > low && c < high);
  const shown = (c: number) => String(Math.round(fromMetric(c, "temperature", units))).replace("-", "−");
  const days = [...new Set(hours.map((h) => dayAt(at(h.at) - 1, timeZone)))];
  const noon = (day: Day) => hours.find((h) => dayAt(at(h.at) - 1, timeZone) === day);
  // on a phone there is room for the name of every second day; today is always named, a day that has only begun or ended is not
  const hoursOf = (day: Day) => hours.filter((h) => dayAt(at(h.at) - 1, timeZone) === day).length;
  const isNamed = (day: Day) =>
    day === today || (hoursOf(day) > 12 && (width > 500 || daysBetween(day, today) % 2 === 0));
  const nowX = x(Math.min(at(now), at(last.at)));
  // names of the lines at their ends, kept apart
  const names = [
    { words: "outdoors", value: last.outdoorC, colour: p.ink2 },
    { words: "air inside", value: last.airC, colour: p.slate },
    { words: "mix", value: last.mediumC, colour: p.ochre },
  ]
    .sort((a, b) => b.value - a.value)
    .reduce<{ words: string; colour: string; at: number }[]>((placed, name) => {
      const free = (placed.at(-1)?.at ?? -Infinity) + 18;
      return [...placed, { words: name.words, colour: name.colour, at: Math.max(y(name.value) + 4, free) }];
    }, []);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={
        `Inside from ${actDay(days[0] ?? today, today)} to ` +
        `${actDay(days.at(-1) ?? today, today)}, in ${unitOf("temperature", units)}`
      }
      data-testid="inside-hours"
    >
      {days.map((day) => {
        const start = noon(day);
        return start ? (
          <g key={day}>
            <line
              x1={x(at(start.at) - 3_600_000)}
              x2={x(at(start.at) - 3_600_000)}
              y1={TOP}
              y2={HEIGHT - BOTTOM}
              stroke={p.line}
            />
            {isNamed(day) && (
              <text
                x={x(at(start.at)) + 3}
                y={HEIGHT - 7}
                fontSize={12.5}
                fill={day === today ? p.alarm : p.ink2}
                fontWeight={day === today ? 700 : 400}
              >
                {day === today
                  ? "today"
                  : actDay(day, today)
                      .split(" ")
                      .slice(0, width > 500 ? 2 : 1)
                      .join(" ")}
              </text>
            )}
          </g>
        ) : null;
      })}
      {marks.map((c) => (
        <g key={c}>
          <line
            x1={LEFT}
            x2={width - RIGHT}
            y1={y(c)}
            y2={y(c)}
            stroke={c === 0 ? p.frost : p.line}
            strokeWidth={c === 0 ? 1.6 : 1}
          />
          <text x={LEFT - 5} y={y(c) + 4} fontSize={12.5} textAnchor="end" fill={c === 0 ? p.frost : p.ink2}>
            {shown(c)}
          </text>
        </g>
      ))}
      {killC !== null && (
        <g>
          <line
            x1={LEFT}
            x2={width - RIGHT}
            y1={y(killC)}
            y2={y(killC)}
            stroke={p.alarm}
            strokeWidth={1.6}
            strokeDasharray="7 4"
          />
        </g>
      )}
      <rect
        x={nowX}
        y={TOP}
        width={Math.max(0, width - RIGHT - nowX)}
        height={HEIGHT - BOTTOM - TOP}
        fill={p.paper}
        opacity={0.55}
      />
      {banded.length > 1 && (
        <path
          d={`M${edge("highC").join("L")}L${edge("lowC").reverse().join("L")}Z`}
          fill={p.slate}
          opacity={0.16}
          data-testid="inside-band"
        />
      )}
      <path d={line((h) => h.outdoorC)} fill="none" stroke={p.ink2} strokeWidth={1.2} strokeDasharray="2 3" />
      <path d={line((h) => h.mediumC)} fill="none" stroke={p.ochre} strokeWidth={2.6} />
      <path d={line((h) => h.airC)} fill="none" stroke={p.slate} strokeWidth={2} />
      <line x1={nowX} x2={nowX} y1={TOP} y2={HEIGHT - BOTTOM} stroke={p.alarm} strokeWidth={1.5} />
      {killC !== null && (
        <text
          x={LEFT + 4}
          y={y(killC) + (y(killC) > HEIGHT - BOTTOM - 20 ? -5 : 14)}
          fontSize={12.5}
          fontWeight={600}
          fill={p.ink}
          stroke={p.card}
          strokeWidth={4}
          paintOrder="stroke"
        >
          its seedlings survive to {shown(killC)}
          {unitOf("temperature", units)}
        </text>
      )}
      {names.map((name) => (
        <text
          key={name.words}
          x={width - RIGHT + 6}
          y={name.at}
          fontSize={13}
          fontWeight={600}
          fill={name.colour}
        >
          {name.words}
        </text>
      ))}
    </svg>
  );
}
