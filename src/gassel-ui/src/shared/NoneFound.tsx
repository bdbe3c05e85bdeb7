import { Box, Button, Typography } from "@mui/material";

interface NoneFoundProps {
  /** "batch": nothing of it fits what was asked. */
  what: string;
  /** How many there are in all. */
  all: number;
  askNothing: () => void;
}

/** A list that fits nothing says so, and leads back to the whole. */
export function NoneFound({ what, all, askNothing }: NoneFoundProps) {
  return (
    <Box sx={{ py: 2 }} data-testid="none-found">
      <Typography sx={{ mb: 1 }}>No {what} is like that.</Typography>
      <Button variant="outlined" onClick={() => askNothing()}>
        Show all {all}
      </Button>
    </Box>
  );
}
