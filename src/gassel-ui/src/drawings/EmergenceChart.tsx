import type { PartView } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { percent } from "../shared/numbers";
import { useNarrow } from "../shared/useNarrow";
import { linear, niceCeiling, ticks } from "./scale";

interface EmergenceChartProps {
  result: NonNullable<PartView["result"]>;
  /** Days in which the species usually comes up. */
  window: { shortest: number; longest: number };
  /** Days since sowing today. */
  dayNow: number;
}

const [HEIGHT, LEFT, BOTTOM, TOP, RIGHT] = [278, 46, 42, 38, 14];

/** Counted points, fitted line with its band, and the expected window, over days since sowing. */
export function EmergenceChart({ result, window, dayNow }: EmergenceChartProps) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const width = narrow ? 360 : 640;
  const lastDay = result.points.at(-1)?.day ?? 0;
  const days = niceCeiling(Math.max(lastDay, window.longest, Math.min(dayNow, window.longest * 2)) * 1.04);
  const top = niceCeiling(Math.max(0.1, result.fraction, ...result.band.map((b) => b.high)) * 1.05);
  const x = linear(0, days, LEFT, width - RIGHT);
  const y = linear(0, top, HEIGHT - BOTTOM, TOP);
  const curve = result.curve;
  const path = (pairs: [number, number][]) =>
    pairs.map(([a, b], i) => `${i ? "L" : "M"}${x(a).toFixed(1)} ${y(b).toFixed(1)}`).join("");
  const said = `${result.emerged} of ${result.sown} up by day ${lastDay}${curve ? `; half of them by day ${curve.t50.toFixed(1)}` : ""}`;
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`Emergence: ${said}`}
      data-testid="emergence-chart"
    >
      <rect
        x={x(window.shortest)}
        y={TOP}
        width={x(window.longest) - x(window.shortest)}
        height={HEIGHT - BOTTOM - TOP}
        fill={p.wash.germinate}
        opacity={0.6}
      />
      {/* each on a line of its own above the drawing, where nothing crosses it */}
      <text x={Math.min(x(window.shortest), width - RIGHT - 130)} y={TOP - 6} fontSize={12.5} fill={p.ink2}>
        expected day {window.shortest}–{window.longest}
      </text>
      {ticks(top, 4).map((t) => (
        <g key={`y${t}`}>
          <line x1={LEFT} x2={width - RIGHT} y1={y(t)} y2={y(t)} stroke={p.line} />
          <text x={LEFT - 6} y={y(t) + 4} fontSize={13} textAnchor="end" fill={p.ink2}>
            {percent(t)}
          </text>
        </g>
      ))}
      {ticks(days, 8).map((t) => (
        <text key={`x${t}`} x={x(t)} y={HEIGHT - BOTTOM + 18} fontSize={13} textAnchor="middle" fill={p.ink2}>
          {t}
        </text>
      ))}
      <text x={(LEFT + width - RIGHT) / 2} y={HEIGHT - 8} fontSize={13} textAnchor="middle" fill={p.ink2}>
        {narrow
          ? "days since sowing · share of seed up"
          : "days since sowing · share of the seed sown that is up"}
      </text>
      {result.band.length > 0 && (
        <path
          d={
            `${path(result.band.map((b) => [b.day, b.high]))}` +
            `${path([...result.band].reverse().map((b) => [b.day, b.low])).replace("M", "L")}Z`
          }
          fill={p.slate}
          opacity={0.16}
          data-testid="curve-band"
        />
      )}
      {curve && (
        <path
          d={path(result.line.map((point) => [point.day, point.fraction]))}
          fill="none"
          stroke={p.slate}
          strokeWidth={2.5}
          strokeDasharray={curve.extrapolated ? "6 5" : undefined}
          data-testid="curve-line"
        />
      )}
      {result.points.map((point) => (
        <circle
          key={point.day}
          cx={x(point.day)}
          cy={y(point.fraction)}
          r={5}
          fill={p.card}
          stroke={p.lichen}
          strokeWidth={2.5}
        />
      ))}
      {dayNow <= days && (
        <>
          <line
            x1={x(dayNow)}
            x2={x(dayNow)}
            y1={4}
            y2={HEIGHT - BOTTOM}
            stroke={p.alarm}
            strokeWidth={1.5}
          />
          <text
            x={Math.max(x(dayNow) - 4, LEFT + 36)}
            y={14}
            fontSize={12.5}
            fontWeight={700}
            textAnchor="end"
            fill={p.alarm}
          >
            today
          </text>
        </>
      )}
    </svg>
  );
}
