import { Typography } from "@mui/material";
import type { WishSeason, WishStart, WishView } from "../../api/types";
import { MonthNames } from "../../drawings/MonthNames";
import { Stretches } from "../../drawings/Stretches";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { useNarrow } from "../../shared/useNarrow";
import { addDays, daysBetween, monthStarts, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { LoadStrip } from "./LoadStrip";
import { ribbonOf } from "./wishRibbon";
import { ChartTable } from "../../shared/ChartTable";

interface WishChartProps {
  wishes: WishView[];
  found: ReadonlyMap<string, WishStart>;
  loads: WishSeason["loads"];
  today: Day;
}

const TOP = 30;
const ROW = 20;
const STRIP = 46;

/** Days that the drawing spans at most. */
const LONGEST = 540;

/** Every wish as a ribbon along time, the load of each place below, over the same days. */
export function WishChart({ wishes, found, loads, today }: WishChartProps) {
  const { palette: p } = useDevice();
  const narrow = useNarrow();
  const [left, width] = narrow ? [48, 420] : [206, 1200];
  const rows = wishes
    .filter((wish) => !wish.wish.isAside)
    .map((wish) => ({ wish, ribbon: ribbonOf(wish, found.get(wish.id)) }))
    .filter((row) => row.ribbon.length > 0);
  if (rows.length === 0) return null;
  const starts = rows.map((row) => row.ribbon[0]?.start ?? today).concat(today);
  const ends = rows.map((row) => row.ribbon.at(-1)?.end ?? today);
  const from = starts.reduce((a, b) => (a < b ? a : b));
  // years of growing on would press the winter together
  const last = ends.reduce((a, b) => (a > b ? a : b));
  const to = last > addDays(from, LONGEST) ? addDays(from, LONGEST) : last;
  const span = Math.max(1, daysBetween(from, to));
  const x = (day: Day) =>
    left + (Math.min(Math.max(daysBetween(from, day), 0), span) / span) * (width - left - 6);
  const below = TOP + rows.length * ROW + 10;
  const height = below + loads.length * STRIP;
  return (
    <Card label="along the winter">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        role="img"
        aria-label={`${rows.length} wishes from ${shortDay(from, today)} to ${shortDay(to, today)}`}
        data-testid="wish-chart"
        style={{ display: "block" }}
      >
        {monthStarts(from, to).map((month) => (
          <line key={month} x1={x(month)} x2={x(month)} y1={TOP - 8} y2={height} stroke={p.line} />
        ))}
        <MonthNames from={from} to={to} x={x} y={18} />
        {rows.map(({ wish, ribbon }, i) => (
          <g key={wish.id} data-testid={`ribbon-W-${wish.number}`}>
            <text x={0} y={TOP + i * ROW + ROW / 2 + 4.5} fontSize={13.5} fill={p.ink}>
              W-{wish.number}
              {narrow ? "" : ` ${wish.commonName}`}
            </text>
            <Stretches
              stretches={ribbon.filter((s) => s.start < to)}
              x={x}
              top={TOP + i * ROW + 2}
              height={ROW - 6}
              least={3}
              edge={1.2}
              words={narrow ? null : 11}
              plannedAt={() => null}
            />
          </g>
        ))}
        {loads.map((load, i) => (
          <LoadStrip
            key={load.place}
            load={load}
            x={x}
            left={left}
            width={width}
            top={below + i * STRIP}
            height={STRIP - 8}
            narrow={narrow}
          />
        ))}
        <line x1={x(today)} x2={x(today)} y1={TOP - 8} y2={height} stroke={p.alarm} strokeWidth={2} />
      </svg>
      <ChartTable
        caption="When each wish begins and ends"
        columns={["Wish", "Begins", "Ends"]}
        rows={() =>
          rows.map(({ wish, ribbon }) => [
            `W-${wish.number} ${wish.commonName}`,
            shortDay(ribbon[0]?.start ?? today, today),
            shortDay(ribbon.at(-1)?.end ?? today, today),
          ])
        }
      />
      <Typography variant="body2" sx={{ color: p.ink2 }}>
        {loads.length > 0 && "Below: room taken; the dotted line is full. "}
        {last > to && `What goes on after ${shortDay(to, today)} is not drawn.`}
      </Typography>
    </Card>
  );
}
