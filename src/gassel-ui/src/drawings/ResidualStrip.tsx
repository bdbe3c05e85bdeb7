import { useDevice } from "../look/DeviceContext";
import { difference, useUnits } from "../shared/units";
import { linear } from "./scale";

interface ResidualStripProps {
  residuals: { at: string; residualK: number }[];
}

const [WIDTH, HEIGHT, LEFT] = [640, 90, 58];

/** What is left between reading and model, hour by hour: a model that is right scatters about the line. */
export function ResidualStrip({ residuals }: ResidualStripProps) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const first = residuals[0];
  const last = residuals.at(-1);
  if (!first || !last) return null;
  const most = Math.max(1, ...residuals.map((r) => Math.abs(r.residualK)));
  const x = linear(Date.parse(first.at), Date.parse(last.at) + 1, LEFT, WIDTH - 6);
  const y = linear(-most, most, HEIGHT - 8, 8);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Residuals, at most ${difference(most, units)}`}
    >
      <line x1={LEFT} x2={WIDTH} y1={y(0)} y2={y(0)} stroke={p.ink2} />
      {[-most, most].map((k) => (
        <text key={k} x={LEFT - 4} y={y(k) + 4} fontSize={12} textAnchor="end" fill={p.ink2}>
          {k < 0 ? "−" : ""}
          {difference(most, units)}
        </text>
      ))}
      {residuals.map((r) => (
        <circle key={r.at} cx={x(Date.parse(r.at))} cy={y(r.residualK)} r={1.8} fill={p.slate} />
      ))}
    </svg>
  );
}
