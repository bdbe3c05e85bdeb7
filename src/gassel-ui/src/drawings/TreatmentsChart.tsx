import type { TreatmentsLearned } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import { treatmentNumbers } from "./chartNumbers";
import { linear } from "./scale";

const [ROW, RIGHT, TOP, BOTTOM] = [40, 18, 8, 42];

/** Widths of the axis to each side of nought, points. */
const REACHES = [10, 20, 40, 60, 80, 100];

/** A twig for each treatment: as long as what is known of it is wide, its bud where the best guess is, nought in the middle. */
export function TreatmentsChart({ learned }: { learned: TreatmentsLearned }) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const [width, left] = narrow ? [360, 18] : [640, 18];
  const { effects } = learned;
  const farthest = Math.max(...effects.flatMap((e) => [Math.abs(e.low), Math.abs(e.high)])) * 100;
  const reach = REACHES.find((r) => r >= farthest) ?? 100;
  const x = linear(-reach / 100, reach / 100, left, width - RIGHT);
  const height = TOP + effects.length * ROW + BOTTOM;
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        style={{ display: "block", maxWidth: 720 }}
        role="img"
        aria-label={effects.map((e) => e.words).join(" ")}
        data-testid="treatments-chart"
      >
        {[-reach, -reach / 2, 0, reach / 2, reach].map((mark) => (
          <g key={mark}>
            <line
              x1={x(mark / 100)}
              x2={x(mark / 100)}
              y1={TOP}
              y2={height - BOTTOM}
              stroke={mark === 0 ? p.ink2 : p.line}
              strokeWidth={mark === 0 ? 1.6 : 1}
            />
            <text
              x={x(mark / 100)}
              y={height - BOTTOM + 17}
              fontSize={narrow ? 13.5 : 12.5}
              textAnchor={mark === -reach ? "start" : mark === reach ? "end" : "middle"}
              fill={p.ink2}
            >
              {mark === 0 ? "no difference" : `${Math.abs(mark)} ${mark < 0 ? "fewer" : "more"}`}
            </text>
          </g>
        ))}
        <text x={width / 2} y={height - 6} fontSize={narrow ? 13.5 : 12.5} textAnchor="middle" fill={p.ink2}>
          points of germination with the treatment
        </text>
        {effects.map((effect, i) => {
          const y = TOP + i * ROW + 27;
          return (
            <g key={effect.name}>
              <text
                x={left}
                y={y - 11}
                fontSize={narrow ? 14 : 13}
                fill={p.ink}
                stroke={p.card}
                strokeWidth={5}
                paintOrder="stroke"
              >
                {effect.name}
              </text>
              <line
                x1={x(effect.low)}
                x2={x(effect.high)}
                y1={y}
                y2={y}
                stroke={effect.seen ? p.slate : p.ink2}
                strokeWidth={effect.seen ? 5 : 3}
                strokeLinecap="round"
                strokeDasharray={effect.seen ? undefined : "1 7"}
              />
              <circle
                cx={x(effect.difference)}
                cy={y}
                r={6}
                fill={effect.seen ? p.slate : p.card}
                stroke={p.slate}
              />
              <title>{effect.words}</title>
            </g>
          );
        })}
      </svg>
      <ChartTable {...treatmentNumbers(learned)} />
    </>
  );
}
