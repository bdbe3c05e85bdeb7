import { Button, Typography } from "@mui/material";
import type { FallbackProps } from "react-error-boundary";
import { Card } from "../shared/Card";

/** In the place of a view that failed; the others go on, and nothing recorded is lost. */
export function ViewFault({ error, resetErrorBoundary }: FallbackProps) {
  return (
    <Card label="this page failed">
      <Typography variant="h1">This page has failed</Typography>
      <Typography sx={{ my: 1 }}>What you recorded is safe. The other pages still work.</Typography>
      <Typography variant="body2" sx={{ mb: 1.5 }}>
        {error instanceof Error ? error.message : String(error)}
      </Typography>
      <Button variant="contained" onClick={resetErrorBoundary}>
        Try again
      </Button>
    </Card>
  );
}
