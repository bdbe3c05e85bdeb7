import { useState } from "react";
import { Button, Typography } from "@mui/material";
import { Card } from "../../shared/Card";

const TOLD = "gassel.simulatedAside";

/** Told once on each device: thermometers that an older version made up count no longer. */
export function SimulatedNote({ names }: { names: string[] }) {
  const [told, setTold] = useState(() => localStorage.getItem(TOLD) !== null);
  if (names.length === 0 || told) return null;
  return (
    <Card label="simulated thermometers" sx={{ mb: 2 }}>
      <Typography data-testid="simulated-aside">
        {names.join(", ")}: these readings were made up. They are kept, marked as simulated, and no longer
        count as measured.
      </Typography>
      <Button
        variant="outlined"
        sx={{ mt: 1 }}
        onClick={() => {
          localStorage.setItem(TOLD, "yes");
          setTold(true);
        }}
      >
        Understood
      </Button>
    </Card>
  );
}
