import { useDevice } from "../look/DeviceContext";

interface SeedPlateProps {
  seeds: number;
  standing: number;
  lost: number;
}

/** Above this the plate shows shares of a hundred instead of single seeds. */
const MOST_SINGLE = 200;

/** Every seed sown as a mark: a seedling for those that stand, a cross for those lost, an empty place for those not up. */
export function SeedPlate({ seeds, standing, lost }: SeedPlateProps) {
  const { palette: p } = useDevice();
  const single = seeds <= MOST_SINGLE;
  const total = single ? seeds : 100;
  const scale = total / seeds;
  const up = Math.round(standing * scale);
  const dead = Math.round(lost * scale);
  const columns = total <= 40 ? 10 : 20;
  const rows = Math.ceil(total / columns);
  const size = 22;
  return (
    <figure style={{ margin: 0 }}>
      <svg
        viewBox={`0 0 ${columns * size} ${rows * size}`}
        width="100%"
        style={{ maxWidth: columns * size * 1.25 }}
        role="img"
        aria-label={`${standing} seedlings, ${lost} lost, ${seeds - standing - lost} of ${seeds} not up yet`}
      >
        {Array.from({ length: total }, (_, i) => {
          const [cx, cy] = [(i % columns) * size + size / 2, Math.floor(i / columns) * size + size / 2];
          const state = i < up ? "up" : i < up + dead ? "lost" : "waiting";
          return (
            <g key={i} transform={`translate(${cx},${cy})`}>
              <rect
                x={-9.5}
                y={-9.5}
                width={19}
                height={19}
                rx={3.5}
                fill={state === "up" ? p.wash.germinate : p.card}
                stroke={p.line}
              />
              {state === "up" && (
                <path d="M0 7V-2m0 3q-4-1-5-5m5 4q4-1 5-5" stroke={p.lichen} strokeWidth={1.8} fill="none" />
              )}
              {state === "lost" && <path d="M-4-4l8 8m0-8l-8 8" stroke={p.clay} strokeWidth={1.8} />}
            </g>
          );
        })}
      </svg>
      {!single && (
        <figcaption style={{ color: p.ink2, fontSize: 14 }}>
          each mark stands for {seeds / 100} seeds
        </figcaption>
      )}
    </figure>
  );
}
