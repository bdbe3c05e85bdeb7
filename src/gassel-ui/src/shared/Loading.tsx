import { Typography } from "@mui/material";

export function Loading({ what }: { what: string }) {
  return (
    <Typography role="status" color="text.secondary" sx={{ py: 3 }}>
      Fetching {what}…
    </Typography>
  );
}
