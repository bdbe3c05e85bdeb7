import { Typography } from "@mui/material";
import { Link } from "react-router";
import type { WishSeason } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";

/** Whether all found room, and what would make the rest fit. */
export function RoomFound({ season }: { season: WishSeason }) {
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
    </Card>
  );
}
