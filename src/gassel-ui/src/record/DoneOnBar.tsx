import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../look/DeviceContext";
import { actDay } from "../time/days";
import { useDoneOn } from "./DoneOn";

/** Stands on every page while an earlier day is chosen, so that nobody records for it unawares. */
export function DoneOnBar() {
  const { doneOn, today, setDoneOn } = useDoneOn();
  const { palette } = useDevice();
  if (doneOn === today) return null;
  return (
    <Box
      role="status"
      data-testid="done-on-bar"
      sx={{
        bgcolor: palette.card,
        borderBottom: `2px solid ${palette.ochre}`,
        px: { xs: 2, md: 3 },
        displayPrint: "none",
      }}
    >
      <Box sx={{ maxWidth: 1400, mx: "auto", display: "flex", alignItems: "center", gap: 2, minHeight: 48 }}>
        <Typography sx={{ fontWeight: 700 }}>Recording for {actDay(doneOn, today)}</Typography>
        <Button onClick={() => setDoneOn(today)}>Back to today</Button>
      </Box>
    </Box>
  );
}
