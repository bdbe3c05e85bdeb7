import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { Failure } from "../../shared/Failure";

/** The demo, opened from inside a real book; it leads back here. */
export function LookAround() {
  const [opening, setOpening] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const open = async () => {
    setOpening(true);
    setError(null);
    try {
      const { address } = await answered(api.POST("/api/demo/beside"));
      window.location.assign(address);
    } catch (refused) {
      setError(refused);
      setOpening(false);
    }
  };
  return (
    <Box sx={{ mt: 1 }}>
      <Button variant="outlined" disabled={opening} onClick={() => void open()} sx={{ minHeight: 52 }}>
        {opening ? "Opening the demo…" : "Look around in the demo"}
      </Button>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        A made-up nursery in mid-March, in a book of its own. Yours is not touched, and a button leads back.
      </Typography>
      <Failure error={error} />
    </Box>
  );
}
