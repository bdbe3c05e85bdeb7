import { Box, Typography } from "@mui/material";
import { useSite } from "../../book/queries";
import type { PlaceTrouble } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { spanWords } from "./temperatureWords";

/** What is or was the matter with a place, since when, and what to do about it. */
export function TroubleList({ troubles }: { troubles: PlaceTrouble[] }) {
  const site = useSite().data;
  if (!site || troubles.length === 0) return null;
  return (
    <Box role={troubles.some((t) => t.isPresent) ? "alert" : undefined} data-testid="troubles">
      {troubles.map((trouble) => (
        <Box key={trouble.kind + trouble.from} sx={{ display: "flex", gap: 0.75, py: 0.5 }}>
          {trouble.isPresent ? <AlarmMark /> : <Box sx={{ width: 20, flex: "none" }} />}
          <Typography sx={{ fontWeight: trouble.isPresent ? 600 : 400 }}>
            {spanWords(trouble, site.timeZone, site.today)}: {trouble.words}{" "}
            {trouble.toDo && <span style={{ fontWeight: 400 }}>{trouble.toDo}</span>}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
