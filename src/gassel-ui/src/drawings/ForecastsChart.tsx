import type { ForecastsView } from "../api/types";
import { WORDS } from "../api/words";
import { useDevice } from "../look/DeviceContext";
import { useUnits } from "../shared/units";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import type { Day } from "../time/days";
import { foretold, forecastNumbers } from "./chartNumbers";
import { Gridlines } from "./Gridlines";
import { linear, ticks } from "./scale";

const [HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [190, 66, 14, 12, 26];

const MARKS = 4;

/** So many of the newest are drawn; the table has all. */
const MOST = 60;

/** For each batch a stroke as long as what was said, and a dot where it came to lie: filled where it held. */
export function ForecastsChart({ judged, today }: { judged: ForecastsView; today: Day }) {
  const units = useUnits();
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 640;
  const shown = judged.forecasts.slice(-MOST);
  const most =
    judged.kind === "germination"
      ? 1
      : Math.max(judged.kind === "inside" ? 0 : 10, ...shown.flatMap((f) => [f.high, f.truth])) * 1.05;
  const of = judged.kind === "inside" ? "day, coldest and hottest" : "batch";
  // a start may be earlier than planned, and it may freeze
  const least = Math.min(0, ...shown.flatMap((f) => [f.low, f.truth]));
  const x = linear(-0.5, shown.length - 0.5, LEFT, width - RIGHT);
  const y = linear(least, most, HEIGHT - BOTTOM, TOP);
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        style={{ display: "block", maxWidth: 720 }}
        role="img"
        aria-label={judged.words}
        data-testid={`forecasts-${judged.kind}`}
      >
        <Gridlines
          marks={ticks(most, MARKS, least).map((at) => ({
            y: y(at),
            label: foretold(judged.kind, at, units),
          }))}
          from={LEFT}
          to={width - RIGHT}
        />
        {shown.map((f, i) => (
          <g key={i}>
            <line
              x1={x(i)}
              x2={x(i)}
              y1={y(f.low)}
              y2={y(f.high)}
              stroke={p.frost}
              strokeWidth={5}
              strokeLinecap="round"
              opacity={0.55}
            />
            <circle
              cx={x(i)}
              cy={y(f.truth)}
              r={4.5}
              fill={f.held ? p.slate : p.card}
              stroke={f.held ? p.slate : p.alarm}
              strokeWidth={2}
            >
              <title>{`B-${f.number}: said ${foretold(judged.kind, f.guess, units)}, came ${foretold(judged.kind, f.truth, units)}`}</title>
            </circle>
          </g>
        ))}
        <text x={(LEFT + width - RIGHT) / 2} y={HEIGHT - 6} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
          {`${narrow ? "" : `${WORDS.ForecastKind[judged.kind]} of each ${of}, `}the newest right; a ring: outside what was said`}
        </text>
      </svg>
      <ChartTable {...forecastNumbers(judged, today, units)} />
    </>
  );
}
