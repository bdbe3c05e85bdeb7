import type { PlantTally } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { SERIF } from "../look/theme";
import { useNarrow } from "../shared/useNarrow";
import { stageWords } from "./stages";

interface PlantFlowProps {
  seeds: number;
  tally: PlantTally;
}

const HEIGHT = 180;
const TOP = 46;
const MOST = 92;

/** Seed to plant from left to right: how many came as far as each stage; below each, what was lost or sleeps there. */
export function PlantFlow({ seeds, tally }: PlantFlowProps) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const steps = [
    { name: "seeds", reached: seeds, alive: 0, dormant: 0, lost: 0 },
    ...tally.stages.map((s) => ({
      name: stageWords(s.stage),
      reached: s.reached,
      alive: s.alive,
      dormant: s.dormant,
      lost: s.lost,
    })),
  ];
  const width = narrow ? 380 : 680;
  const each = width / steps.length;
  const high = (n: number) => (seeds > 0 ? (n / seeds) * MOST : 0);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      style={{ display: "block", maxWidth: 820 }}
      role="img"
      aria-label={steps.map((s) => `${s.reached} ${s.name}`).join(", ")}
      data-testid="plant-flow"
    >
      {steps.map((step, i) => {
        const [x, h] = [i * each, high(step.reached)];
        const next = steps[i + 1];
        const bar = each * 0.42;
        return (
          <g key={step.name}>
            {next && (
              <path
                d={`M${x + bar} ${TOP + MOST - h}L${x + each} ${TOP + MOST - high(next.reached)}V${TOP + MOST}H${x + bar}Z`}
                fill={p.wash.germinate}
              />
            )}
            <rect
              x={x}
              y={TOP + MOST - h}
              width={bar}
              height={Math.max(h, 1)}
              fill={i === 0 ? p.wash.scarify : "url(#texture-grow)"}
              stroke={p.ink2}
              strokeWidth={1}
            />
            <text x={x} y={15} fontSize={narrow ? 12 : 13.5} fill={p.ink2}>
              {step.name}
            </text>
            <text
              x={x}
              y={TOP + MOST - Math.max(h, 1) - 4}
              fontSize={17}
              fontWeight={600}
              fontFamily={SERIF}
              fill={p.ink}
            >
              {step.reached}
            </text>
            {step.lost > 0 && (
              <text x={x} y={TOP + MOST + 17} fontSize={12.5} fill={p.clay}>
                −{step.lost} lost
              </text>
            )}
            {step.dormant > 0 && (
              <text x={x} y={TOP + MOST + (step.lost > 0 ? 33 : 17)} fontSize={12.5} fill={p.frost}>
                {step.dormant} dormant
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
