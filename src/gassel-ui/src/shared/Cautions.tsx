import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { Caution } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { CautionMark } from "./CautionMark";

/** The cautions of a step where the hand is about to do it: the first in full, the others behind one gesture. */
export function Cautions({ cautions }: { cautions: Caution[] }) {
  const [all, setAll] = useState(false);
  const { palette } = useDevice();
  const shown = all ? cautions : cautions.slice(0, 1);
  if (cautions.length === 0) return null;
  return (
    <Box sx={{ borderLeft: `4px solid ${palette.ochre}`, pl: 1.25, py: 0.25 }}>
      {shown.map((caution) => (
        <Typography key={caution.topic} variant="body2" sx={{ display: "flex", gap: 0.75, mb: 0.25 }}>
          <CautionMark /> <span>{caution.text}</span>
        </Typography>
      ))}
      {cautions.length > 1 && (
        <Button size="small" onClick={() => setAll(!all)} sx={{ px: 0.5, minHeight: 32 }}>
          {all
            ? "Fewer cautions"
            : `${cautions.length - 1} more ${cautions.length === 2 ? "caution" : "cautions"}`}
        </Button>
      )}
    </Box>
  );
}
