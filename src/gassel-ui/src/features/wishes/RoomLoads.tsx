import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { WishSeason } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { daysBetween, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

const HEIGHT = 56;

/** Room of each place along the winter, and what would make the rest fit. */
export function RoomLoads({ season, today }: { season: WishSeason; today: Day }) {
  return (
    <Card label="room">
      <Typography variant="h2">Room</Typography>
      <Typography data-testid="season-words">{season.words}</Typography>
      {season.full.map((full) => (
        <Typography key={full.place + full.from} data-testid="full" sx={{ mt: 0.5 }}>
          {full.words}
        </Typography>
      ))}
      {season.unknown !== null && (
        <Typography data-testid="room-unknown" sx={{ mt: 0.5, display: "flex", gap: 0.75 }}>
          <AlarmMark />
          <span>
            {season.unknown} <Link to="/site/places">Enter it on Site</Link>
          </span>
        </Typography>
      )}
      <Box sx={{ display: "grid", gap: 1.5, mt: 1.5 }}>
        {season.loads.map((load) => (
          <Load key={load.place} load={load} today={today} />
        ))}
      </Box>
    </Card>
  );
}

/** A staircase of what stands there, under the line of what fits. */
function Load({ load, today }: { load: WishSeason["loads"][number]; today: Day }) {
  const { palette: p } = useDevice();
  const [first, last] = [load.stretches[0], load.stretches.at(-1)];
  if (!first || !last) return null;
  const days = Math.max(1, daysBetween(first.from, last.to));
  const most = Math.max(load.room, load.most, 1);
  const x = (day: Day) => (100 * daysBetween(first.from, day)) / days;
  const y = (units: number) => HEIGHT - (HEIGHT * units) / most;
  return (
    <Box data-testid={`load-${load.place}`}>
      <Typography variant="body2">
        <strong>{load.place}</strong>: at most {load.most} of {load.room} {load.unit}
      </Typography>
      <svg
        viewBox={`0 0 100 ${HEIGHT}`}
        preserveAspectRatio="none"
        width="100%"
        height={HEIGHT}
        role="img"
        aria-label={`${load.place}, ${load.unit} from ${shortDay(first.from, today)} to ${shortDay(last.to, today)}`}
      >
        <rect width="100" height={HEIGHT} fill={p.paper} />
        {load.stretches.map((s) => (
          <rect
            key={s.from}
            x={x(s.from)}
            width={x(s.to) - x(s.from)}
            y={y(s.taken)}
            height={HEIGHT - y(s.taken)}
            fill={s.taken > load.room ? p.alarm : p.lichen}
          />
        ))}
        <line
          x1="0"
          x2="100"
          y1={y(load.room)}
          y2={y(load.room)}
          stroke={p.ink}
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <Box sx={{ display: "flex", justifyContent: "space-between" }}>
        <Typography variant="body2" color="text.secondary">
          {shortDay(first.from, today)}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          {shortDay(last.to, today)}
        </Typography>
      </Box>
    </Box>
  );
}
