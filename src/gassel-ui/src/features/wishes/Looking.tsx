import { useEffect, useState } from "react";
import { Box, Button, LinearProgress, Typography } from "@mui/material";
import { SECONDS } from "./useRoom";

/** How long room has been looked for, and a way to stop. */
export function Looking({ callOff }: { callOff: () => void }) {
  const [gone, setGone] = useState(0);
  useEffect(() => {
    const clock = setInterval(() => setGone((now) => now + 1), 1000);
    return () => clearInterval(clock);
  }, []);
  return (
    <Box sx={{ mb: 1 }}>
      <LinearProgress
        aria-label="looking for room"
        variant={gone < SECONDS ? "determinate" : "indeterminate"}
        value={(100 * gone) / SECONDS}
      />
      <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
        <Typography>
          <span role="status">Looking for room, {SECONDS} seconds at most. You can go on meanwhile.</span>{" "}
          <span data-testid="seconds-gone">{gone} s</span>
        </Typography>
        <Button onClick={callOff}>Stop</Button>
      </Box>
    </Box>
  );
}
