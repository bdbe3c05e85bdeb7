import { memo } from "react";
import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { StandingPart } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { VesselGlyph } from "../../drawings/VesselGlyph";
import { AlarmMark } from "../../shared/AlarmMark";
import type { Day } from "../../time/days";
import { dueWords } from "./dueWords";

interface StandingProps {
  part: StandingPart;
  today: Day;
  /** The place hurts what stands in it. */
  hurt: boolean;
}

/** A vessel as it stands on its shelf, with what it asks for next. */
export const Standing = memo(function Standing({ part, today, hurt }: StandingProps) {
  const { palette } = useDevice();
  const next = part.due[0];
  const late = part.due.some((d) => d.due.lateDays > 0);
  const flagged = part.due.some((d) => d.due.dueOn <= today);
  return (
    <Box
      component={Link}
      to={`/batches/${part.batchId}`}
      sx={{
        width: { xs: 84, md: 98 },
        flex: "none",
        textAlign: "center",
        color: "inherit",
        textDecoration: "none",
        pb: 0.5,
        lineHeight: 1.2,
        "&:hover": { bgcolor: palette.paper },
      }}
    >
      <VesselGlyph vessel={part.vessel} step={part.step} late={late} flagged={flagged} />
      <Typography component="div" sx={{ fontWeight: 700, fontSize: "0.95rem", lineHeight: 1.2 }}>
        {hurt && <AlarmMark small />}
        B-{part.number}
        {part.part === "1" ? "" : ` · ${part.part}`}
      </Typography>
      <Typography component="div" sx={{ fontSize: "0.85rem", lineHeight: 1.2, fontWeight: late ? 700 : 400 }}>
        {next ? dueWords(next, today) : "resting"}
      </Typography>
    </Box>
  );
});
