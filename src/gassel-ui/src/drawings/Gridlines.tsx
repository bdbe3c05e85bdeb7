import { useDevice } from "../look/DeviceContext";

/** Lines across a chart, each with its amount at the left. */
export function Gridlines({
  marks,
  from,
  to,
}: {
  marks: { y: number; label: string }[];
  /** Left and right end of the lines. */
  from: number;
  to: number;
}) {
  const { palette: p } = useDevice();
  return marks.map(({ y, label }) => (
    <g key={label}>
      <line x1={from} x2={to} y1={y} y2={y} stroke={p.line} />
      <text x={from - 6} y={y + 4} fontSize={12.5} textAnchor="end" fill={p.ink2}>
        {label}
      </text>
    </g>
  ));
}
