import type { WarmthTold } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import { degreeDays, degreeDaysUnit, useUnits } from "../shared/units";
import { warmthNumbers } from "./chartNumbers";
import { Gridlines } from "./Gridlines";
import { linear, ticks } from "./scale";

const [HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [220, 52, 54, 16, 42];

const SHARES = [0, 0.25, 0.5, 0.75, 1];

/** How the seedlings of each sowing came up with the warmth they had: a stair a sowing, and the curve through all of them. */
export function WarmthChart({ told }: { told: WarmthTold }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const width = useNarrow() ? 360 : 640;
  const { points, curve } = told;
  // beyond the last seedling there is nothing to see
  const lastUp = (batch: number) =>
    points.find((point) => point.batch === batch && point.share >= 1)?.degreeDays ?? 0;
  const batches = [...new Set(points.map((point) => point.batch))];
  const far = 1.08 * Math.max(...batches.map(lastUp), 1);
  const x = linear(0, far, LEFT, width - RIGHT);
  const y = linear(0, 1, HEIGHT - BOTTOM, TOP);
  const toSite = units === "metric" ? 1 : 1.8;
  const stair = (batch: number) =>
    points
      .filter((point) => point.batch === batch && point.degreeDays <= far)
      .map((point) => `H${x(point.degreeDays).toFixed(1)}V${y(point.share).toFixed(1)}`)
      .join("");
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        style={{ display: "block", maxWidth: 720 }}
        role="img"
        aria-label={told.words}
        data-testid="warmth-chart"
      >
        <Gridlines
          marks={SHARES.map((share) => ({ y: y(share), label: `${share * 100} %` }))}
          from={LEFT}
          to={width - RIGHT}
        />
        {ticks(far * toSite, 6).map((mark) => (
          <text
            key={mark}
            x={x(mark / toSite)}
            y={HEIGHT - BOTTOM + 17}
            fontSize={12.5}
            textAnchor="middle"
            fill={p.ink2}
          >
            {mark}
          </text>
        ))}
        <text x={(LEFT + width - RIGHT) / 2} y={HEIGHT - 6} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
          warmth since sowing, {degreeDaysUnit(units)}; a stair a sowing
        </text>
        {batches.map((batch) => (
          <path
            key={batch}
            d={`M${x(0)} ${y(0)}${stair(batch)}`}
            fill="none"
            stroke={p.slate}
            strokeWidth={1.4}
            opacity={0.7}
          >
            <title>{`B-${batch}`}</title>
          </path>
        ))}
        {curve.length > 1 && (
          <path
            d={`M${curve
              .filter((c) => c.degreeDays <= far)
              .map((c) => `${x(c.degreeDays).toFixed(1)} ${y(c.share).toFixed(1)}`)
              .join("L")}`}
            fill="none"
            stroke={p.lichen}
            strokeWidth={2.6}
            strokeDasharray={told.isUsed ? undefined : "6 5"}
          />
        )}
        {told.need && (
          <g>
            <line
              x1={x(told.need.t50)}
              x2={x(told.need.t50)}
              y1={y(0.5)}
              y2={HEIGHT - BOTTOM}
              stroke={p.ink2}
              strokeDasharray="2 3"
            />
            <text x={LEFT + 6} y={y(0.5) - 6} fontSize={12.5} fill={p.ink}>
              half at {degreeDays(told.need.t50, units)}
            </text>
          </g>
        )}
      </svg>
      <ChartTable {...warmthNumbers(told, units)} />
    </>
  );
}
