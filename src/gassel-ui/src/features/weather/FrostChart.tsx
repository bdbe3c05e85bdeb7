import type { FrostView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { linear } from "../../drawings/scale";
import { useNarrow } from "../../shared/useNarrow";
import { dayNumber } from "../../time/days";
import type { Day } from "../../time/days";

type Frost = FrostView["thresholds"][number]["frost"];

interface FrostChartProps {
  frost: Frost;
  south: boolean;
  enough: boolean;
  said: string;
}

const [LEFT, RIGHT, TOP, BOTTOM] = [44, 8, 46, 20];
const NORTH = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** Days since the first day of the season that the year names: 1 January in the north, 1 July in the south. */
const seasonDay = (day: Day, year: number, south: boolean): number =>
  dayNumber(day) - dayNumber(`${year}-${south ? "07" : "01"}-01`);

/** Each year's frost-free time as a line from its last spring frost to its first autumn frost. */
export function FrostChart({ frost, south, enough, said }: FrostChartProps) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 680;
  const years = [...frost.years].reverse();
  const row = years.length > 15 ? 8 : 13;
  const height = TOP + BOTTOM + years.length * row;
  const x = linear(0, 365, LEFT, width - RIGHT);
  const months = south ? [...NORTH.slice(6), ...NORTH.slice(0, 6)] : NORTH;
  const marks = enough
    ? [
        { at: frost.lastSpring?.p50Offset, words: "half later" },
        { at: frost.lastSpring?.p90Offset, words: "one in ten later" },
        { at: frost.firstAutumn?.p50Offset, words: "half earlier" },
      ]
    : [];
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`Frost by year. ${said}`}
      data-testid="frost-chart"
    >
      {months.map((month, i) => (
        <g key={month}>
          <line x1={x(i * 30.42)} x2={x(i * 30.42)} y1={TOP} y2={height - BOTTOM} stroke={p.line} />
          <text x={x((i + 0.5) * 30.42)} y={height - 5} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
            {narrow ? month.slice(0, 1) : month}
          </text>
        </g>
      ))}
      {years.map((y, i) => {
        const at = TOP + (i + 0.5) * row;
        const last = y.lastSpring ? x(seasonDay(y.lastSpring, y.year, south)) : null;
        const first = y.firstAutumn ? x(seasonDay(y.firstAutumn, y.year, south)) : null;
        return (
          <g key={y.year}>
            {(years.length <= 15 || y.year % 5 === 0) && (
              <text x={LEFT - 6} y={at + 4} fontSize={12} textAnchor="end" fill={p.ink2}>
                {y.year}
              </text>
            )}
            {last !== null && first !== null && (
              <line
                x1={last}
                x2={first}
                y1={at}
                y2={at}
                stroke={p.lichen}
                strokeWidth={row * 0.45}
                opacity={0.55}
              />
            )}
            {last !== null && <circle cx={last} cy={at} r={3.4} fill={p.frost} />}
            {first !== null && (
              <rect
                x={first - 3}
                y={at - 3}
                width={6}
                height={6}
                fill={p.card}
                stroke={p.frost}
                strokeWidth={2}
              />
            )}
          </g>
        );
      })}
      {marks.map(
        (mark, i) =>
          mark.at !== undefined && (
            <g key={mark.words}>
              <line
                x1={x(mark.at)}
                x2={x(mark.at)}
                y1={TOP - (i === 2 ? 4 : 20)}
                y2={height - BOTTOM}
                stroke={p.ink}
                strokeWidth={1.5}
                strokeDasharray={mark.words === "one in ten later" ? "4 4" : undefined}
              />
              <text
                x={x(mark.at)}
                y={TOP - (i === 2 ? 9 : 25)}
                fontSize={12.5}
                textAnchor={i === 0 ? "end" : i === 1 ? "start" : "middle"}
                fill={p.ink}
              >
                {mark.words}
              </text>
            </g>
          ),
      )}
    </svg>
  );
}
