import type { WishSeason } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import type { Day } from "../../time/days";

interface LoadStripProps {
  load: WishSeason["loads"][number];
  x: (day: Day) => number;
  left: number;
  width: number;
  top: number;
  height: number;
  narrow: boolean;
}

/** What stands at a place day by day, under the line of what fits. */
export function LoadStrip({ load, x, left, width, top, height, narrow }: LoadStripProps) {
  const { palette: p } = useDevice();
  const most = Math.max(load.room, load.most, 1);
  const tall = (units: number) => (height * units) / most;
  const floor = top + height;
  return (
    <g data-testid={`load-${load.place}`}>
      <text x={0} y={top + 15} fontSize={narrow ? 11 : 13.5} fontWeight={600} fill={p.ink}>
        {narrow ? (load.place.split(" ")[0] ?? load.place) : load.place}
      </text>
      <text x={0} y={top + 31} fontSize={narrow ? 10 : 12.5} fill={p.ink2}>
        {load.most} of {load.room}
        {narrow ? "" : ` ${load.unit}`}
      </text>
      {load.stretches.map((s) => (
        <rect
          key={s.from}
          x={x(s.from)}
          width={Math.max(0, x(s.to) - x(s.from))}
          y={floor - tall(s.taken)}
          height={tall(s.taken)}
          fill={s.taken > load.room ? p.alarm : p.lichen}
        />
      ))}
      <line
        x1={left}
        x2={width - 6}
        y1={floor - tall(load.room)}
        y2={floor - tall(load.room)}
        stroke={p.ink}
        strokeWidth={1.5}
        strokeDasharray="3 3"
      />
      <line x1={left} x2={width - 6} y1={floor} y2={floor} stroke={p.line} />
    </g>
  );
}
