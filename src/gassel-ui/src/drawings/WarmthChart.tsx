import type { WarmthTold } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import { degreeDays, degreeDaysUnit, useUnits } from "../shared/units";
import { warmthNumbers } from "./chartNumbers";
import { ticks } from "./scale";
import { ShareFrame } from "./ShareFrame";

/** How the seedlings of each sowing came up with the warmth they had: a stair a sowing, and the curve through all of them. */
export function WarmthChart({ told }: { told: WarmthTold }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const width = useNarrow() ? 360 : 640;
  const { points, curve, need } = told;
  const batches = [...new Set(points.map((point) => point.batch))];
  // beyond the last seedling there is nothing to see
  const lastUp = (batch: number) =>
    points.find((point) => point.batch === batch && point.share >= 1)?.degreeDays ?? 0;
  const far = 1.08 * Math.max(...batches.map(lastUp), 1);
  const toSite = units === "metric" ? 1 : 1.8;
  return (
    <>
      <ShareFrame
        width={width}
        right={54}
        from={0}
        to={far}
        marks={ticks(far * toSite, 6).map((mark) => ({ at: mark / toSite, label: mark }))}
        caption={`warmth since sowing, ${degreeDaysUnit(units)}; a stair a sowing`}
        says={told.words}
        testId="warmth-chart"
      >
        {({ x, y, left, bottom }) => (
          <>
            {batches.map((batch) => (
              <path
                key={batch}
                d={`M${x(0)} ${y(0)}${points
                  .filter((point) => point.batch === batch && point.degreeDays <= far)
                  .map((point) => `H${x(point.degreeDays).toFixed(1)}V${y(point.share).toFixed(1)}`)
                  .join("")}`}
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
            {need && (
              <g>
                <line
                  x1={x(need.t50)}
                  x2={x(need.t50)}
                  y1={y(0.5)}
                  y2={bottom}
                  stroke={p.ink2}
                  strokeDasharray="2 3"
                />
                <text x={left + 6} y={y(0.5) - 6} fontSize={12.5} fill={p.ink}>
                  half at {degreeDays(need.t50, units)}
                </text>
              </g>
            )}
          </>
        )}
      </ShareFrame>
      <ChartTable {...warmthNumbers(told, units)} />
    </>
  );
}
