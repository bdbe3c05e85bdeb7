import { useDevice } from "../look/DeviceContext";
import { percent } from "../shared/numbers";
import { useNarrow } from "../shared/useNarrow";
import { linear } from "./scale";

const [ROW, TOP, BOTTOM] = [56, 8, 50];
/** Of a bar whose name stands above it. */
const TALL_ROW = 72;

export interface ArmBar {
  name: string;
  emerged: number;
  sown: number;
  fraction: number;
  low: number;
  high: number;
  /** Shares of its single vessels; few or none are not drawn. */
  vessels: number[];
}

/** Shares of the arms with their intervals, and each vessel as a small mark, on one axis from none to all. */
export function ArmBars({ arms }: { arms: ArmBar[] }) {
  const { palette: p } = useDevice();
  const small = useNarrow();
  // a long name stands above its bar
  const narrow = small || arms.some((arm) => arm.name.length > 24);
  const width = small ? 360 : 640;
  const left = narrow ? 12 : 180;
  const row = narrow ? TALL_ROW : ROW;
  const height = TOP + arms.length * row + BOTTOM;
  const x = linear(0, 1, left, width - 16);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      style={{ display: "block", maxWidth: 820 }}
      role="img"
      data-testid="arm-bars"
      aria-label={arms
        .map((arm) => `${arm.name}: ${percent(arm.fraction)}, ${percent(arm.low)} to ${percent(arm.high)}`)
        .join("; ")}
    >
      {[0, 0.25, 0.5, 0.75, 1].map((share) => (
        <g key={share}>
          <line x1={x(share)} x2={x(share)} y1={TOP} y2={height - BOTTOM} stroke={p.line} />
          <text x={x(share)} y={height - BOTTOM + 18} fontSize={13} textAnchor="middle" fill={p.ink2}>
            {percent(share)}
          </text>
        </g>
      ))}
      <text x={(left + width) / 2} y={height - 6} fontSize={13} textAnchor="middle" fill={p.ink2}>
        share of the seed sown that came up, 95 % interval
      </text>
      {arms.map((arm, i) => {
        const y = TOP + i * row + row / 2 + (narrow ? 16 : 0);
        return (
          <g key={arm.name}>
            <text
              x={narrow ? left : left - 12}
              y={narrow ? y - 30 : y - 4}
              fontSize={15}
              fontWeight={600}
              textAnchor={narrow ? "start" : "end"}
              fill={p.ink}
            >
              {arm.name}
            </text>
            <text
              x={narrow ? width - 16 : left - 12}
              y={narrow ? y - 30 : y + 14}
              fontSize={13.5}
              textAnchor="end"
              fill={p.ink2}
            >
              {arm.emerged} of {arm.sown}; {percent(arm.low)} to {percent(arm.high)}
            </text>
            <line
              x1={x(arm.low)}
              x2={x(arm.high)}
              y1={y}
              y2={y}
              stroke={p.slate}
              strokeWidth={7}
              opacity={0.35}
            />
            {arm.vessels.length > 1 &&
              arm.vessels.map((share, n) => (
                <path
                  key={n}
                  d={`M${x(share)} ${y + 8}l4 8h-8z`}
                  fill={p.card}
                  stroke={p.ochre}
                  strokeWidth={1.6}
                />
              ))}
            <circle cx={x(arm.fraction)} cy={y} r={6.5} fill={p.slate} />
            <text
              x={x(arm.fraction) + (arm.fraction > 0.85 ? -10 : 10)}
              y={y - 8}
              fontSize={14}
              fontWeight={700}
              textAnchor={arm.fraction > 0.85 ? "end" : "start"}
              fill={p.ink}
            >
              {percent(arm.fraction)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
