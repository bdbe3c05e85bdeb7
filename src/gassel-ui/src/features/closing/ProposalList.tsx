import { Box, Typography } from "@mui/material";
import type { SeasonAccount } from "../../api/types";

/** What the record speaks for changing, each with the numbers it rests on. */
export function ProposalList({ proposals }: { proposals: SeasonAccount["proposals"] }) {
  if (proposals.length === 0) return <Typography>Nothing in your records suggests a change.</Typography>;
  return proposals.map((p) => (
    <Box key={p.batch + p.kind} sx={{ mt: 0.75 }}>
      <Typography sx={{ fontWeight: 600, lineHeight: 1.3 }}>{p.words}</Typography>
      <Typography variant="body2">{p.because}</Typography>
    </Box>
  ));
}
