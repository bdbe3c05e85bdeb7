import type { ColdLearned } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { ChartTable } from "../shared/ChartTable";
import { useNarrow } from "../shared/useNarrow";
import { coldEffectNumbers } from "./chartNumbers";
import { ShareFrame } from "./ShareFrame";

/** Room beside the shortest and the longest cold, days. */
const BESIDE = 7;

/** Share that came up by the cold a batch had: a dot a batch, larger for more seeds, and the line through them where one can be laid. */
export function ColdEffectChart({ cold }: { cold: ColdLearned }) {
  const { palette: p } = useDevice();
  const width = useNarrow() ? 360 : 640;
  const { batches, curve } = cold;
  const days = batches.map((b) => b.coldDays);
  const [first, last] = [Math.max(0, Math.min(...days) - BESIDE), Math.max(...days) + BESIDE];
  const most = Math.max(...batches.map((b) => b.seeds));
  const step = [7, 14, 28, 56, 112].find((d) => (last - first) / d <= 6) ?? 365;
  const marks = Array.from({ length: Math.floor(last / step) + 1 }, (_, i) => i * step).filter(
    (d) => d >= first,
  );
  return (
    <>
      <ShareFrame
        width={width}
        right={18}
        from={first}
        to={last}
        marks={marks.map((day) => ({ at: day, label: day }))}
        caption="days of cold; a dot a batch, larger for more seeds"
        says={cold.words}
        testId="cold-effect"
      >
        {({ x, y }) => {
          const through = (share: (point: ColdLearned["curve"][number]) => number | null) =>
            curve.map((point) => `${x(point.coldDays).toFixed(1)} ${y(share(point) ?? 0).toFixed(1)}`);
          return (
            <>
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
            </>
          );
        }}
      </ShareFrame>
      <ChartTable {...coldEffectNumbers(cold)} />
    </>
  );
}
