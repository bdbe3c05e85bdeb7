import type { RibbonStretch } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import type { Day } from "../time/days";
import { stepWords, textureFill } from "./steps";

type Stretch = Omit<RibbonStretch, "step">;

interface StretchesProps {
  stretches: Stretch[];
  /** Where a day stands, in the units of the drawing. */
  x: (day: Day) => number;
  top: number;
  height: number;
  /** Least length of a stretch, so that one of a day is seen. */
  least: number;
  /** Weight of the edge of what was; what follows is thinner. */
  edge: number;
  /** Size of the step's words; null leaves them away. */
  words: number | null;
  /** Where the thin line runs that tells what was planned; null where it would tell nothing. */
  plannedAt: (stretch: Stretch) => number | null;
}

/** Least room for the words of a step. */
const WORDS_ROOM = 70;

/** The stretches of a batch along time: firm edges for what was, broken ones for what follows; a thin line below tells what was planned. */
export function Stretches({ stretches, x, top, height, least, edge, words, plannedAt }: StretchesProps) {
  const { palette: p } = useDevice();
  return stretches.map((s, i) => {
    const long = Math.max(least, x(s.end) - x(s.start));
    const planned = plannedAt(s);
    const isAhead = s.time === "ahead";
    return (
      <g key={`${i} ${s.kind}`}>
        <rect
          x={x(s.start)}
          y={top}
          width={long}
          height={height}
          rx={height > 20 ? 3 : 2}
          fill={textureFill(s.kind)}
          stroke={p.ink2}
          strokeWidth={isAhead ? edge * 0.67 : edge}
          strokeDasharray={isAhead ? "4 4" : undefined}
        />
        {planned !== null && (
          <line
            x1={x(s.plannedStart)}
            x2={x(s.plannedEnd)}
            y1={planned}
            y2={planned}
            stroke={p.ink2}
            strokeWidth={edge * 1.3}
          />
        )}
        {words !== null && long > WORDS_ROOM && (
          <text
            x={x(s.start) + 6}
            y={top + height / 2 + words / 3}
            fontSize={words}
            fontWeight={600}
            fill={p.ink}
            paintOrder="stroke"
            stroke={p.card}
            strokeWidth={words / 3}
            strokeLinejoin="round"
          >
            {stepWords(s.kind)}
          </text>
        )}
      </g>
    );
  });
}
