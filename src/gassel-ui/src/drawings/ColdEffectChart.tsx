import type { ColdLearned } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import { coldEffectNumbers } from "./chartNumbers";
import { Gridlines } from "./Gridlines";
import { linear } from "./scale";

const [HEIGHT, LEFT, RIGHT, TOP, BOTTOM] = [220, 52, 18, 16, 42];

/** Room beside the shortest and the longest cold, days. */
const BESIDE = 7;

const TICKS = [0, 0.25, 0.5, 0.75, 1];

/** Share that came up by the cold a batch had: a dot a batch, larger for more seeds, and the line through them where one can be laid. */
export function ColdEffectChart({ cold }: { cold: ColdLearned }) {
  const { palette: p } = useDevice();
  const width = useNarrow() ? 360 : 640;
  const { batches, curve } = cold;
  const days = batches.map((b) => b.coldDays);
  const [first, last] = [Math.max(0, Math.min(...days) - BESIDE), Math.max(...days) + BESIDE];
  const x = linear(first, last, LEFT, width - RIGHT);
  const y = linear(0, 1, HEIGHT - BOTTOM, TOP);
  const through = (share: (point: ColdLearned["curve"][number]) => number | null) =>
    curve.map((point) => `${x(point.coldDays).toFixed(1)} ${y(share(point) ?? 0).toFixed(1)}`);
  const most = Math.max(...batches.map((b) => b.seeds));
  const step = [7, 14, 28, 56, 112].find((d) => (last - first) / d <= 6) ?? 365;
  const marks = Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => i * step).filter(
    (d) => d >= first,
  );
  return (
    <>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        width="100%"
        style={{ display: "block", maxWidth: 720 }}
        role="img"
        aria-label={cold.words}
        data-testid="cold-effect"
      >
        <Gridlines
          marks={TICKS.map((share) => ({ y: y(share), label: `${share * 100} %` }))}
          from={LEFT}
          to={width - RIGHT}
        />
        {marks.map((day) => (
          <text
            key={day}
            x={x(day)}
            y={HEIGHT - BOTTOM + 17}
            fontSize={12.5}
            textAnchor="middle"
            fill={p.ink2}
          >
            {day}
          </text>
        ))}
        <text x={(LEFT + width - RIGHT) / 2} y={HEIGHT - 6} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
          days of cold; a dot a batch, larger for more seeds
        </text>
        {curve.length > 1 && (
          <>
            <path
              d={`M${through((c) => c.high).join("L")}L${through((c) => c.low)
                .reverse()
                .join("L")}Z`}
              fill="url(#texture-cold)"
              opacity={0.7}
            />
            <path
              d={`M${through((c) => c.mean).join("L")}`}
              fill="none"
              stroke={p.frost}
              strokeWidth={2.4}
              strokeDasharray={cold.speaks ? undefined : "6 5"}
            />
          </>
        )}
        {batches.map((b) => (
          <circle
            key={b.number}
            cx={x(b.coldDays)}
            cy={y(b.germinated / b.seeds)}
            r={3 + 5 * Math.sqrt(b.seeds / most)}
            fill={p.slate}
            fillOpacity={0.75}
            stroke={p.card}
          >
            <title>{`B-${b.number}: ${b.germinated} of ${b.seeds} after ${b.coldDays} days of cold`}</title>
          </circle>
        ))}
      </svg>
      <ChartTable {...coldEffectNumbers(cold)} />
    </>
  );
}
