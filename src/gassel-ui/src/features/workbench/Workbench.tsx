import { Box } from "@mui/material";
import { ContainerSimulator } from "./ContainerSimulator";
import { ColdDay } from "./ColdDay";
import { Mixing } from "./Mixing";
import { TrialSizes } from "./TrialSizes";

/** Sums on their own, without a batch. */
export function Workbench() {
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.3fr) minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Mixing />
      <Box sx={{ display: "grid", gap: 2 }}>
        <ColdDay />
        <TrialSizes />
      </Box>
      <Box sx={{ gridColumn: "1 / -1", minWidth: 0 }}>
        <ContainerSimulator />
      </Box>
    </Box>
  );
}
