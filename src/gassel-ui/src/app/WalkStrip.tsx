import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../api/client";
import { Failure } from "../shared/Failure";
import { useDevice } from "../look/DeviceContext";

/** In a demo alone: its clock goes on, and the made-up weather and thermometers with it. */
export function WalkStrip({ home }: { home: string | null }) {
  const { palette } = useDevice();
  const queries = useQueryClient();
  const [walking, setWalking] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const walk = async (days: number) => {
    setWalking(true);
    setError(null);
    try {
      await answered(api.POST("/api/demo/walk", { body: { days } }));
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
    setWalking(false);
  };
  return (
    <Box
      component="aside"
      aria-label="walk the season"
      sx={{
        display: "flex",
        alignItems: "center",
        flexWrap: "wrap",
        gap: 1,
        mt: 2,
        pt: 1,
        borderTop: `1px dashed ${palette.line}`,
        "@media print": { display: "none" },
      }}
    >
      <Typography variant="body2">A made-up season. Skip ahead to see the work change:</Typography>
      <Button size="small" variant="outlined" disabled={walking} onClick={() => void walk(1)}>
        Skip a day
      </Button>
      <Button size="small" variant="outlined" disabled={walking} onClick={() => void walk(7)}>
        Skip a week
      </Button>
      {home && (
        <Button variant="contained" href={home} sx={{ ml: { md: "auto" } }}>
          Back to your own book
        </Button>
      )}
      <Failure error={error} />
    </Box>
  );
}
