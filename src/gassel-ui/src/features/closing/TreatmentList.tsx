import { Box, Typography } from "@mui/material";
import type { TreatmentsCompared } from "../../api/types";
import { ArmBars } from "../../drawings/ArmBars";
import { Why } from "../../shared/Why";

/** Treatments of one species side by side, and what may be said of them. */
export function TreatmentList({ compared }: { compared: TreatmentsCompared }) {
  return (
    <Box sx={{ mt: 1 }} data-testid={`treatments-${compared.speciesId}`}>
      <Typography variant="h3">{compared.commonName}</Typography>
      <ArmBars
        arms={compared.arms.map((arm) => ({
          name: arm.name,
          emerged: arm.germinated,
          sown: arm.seeds,
          fraction: arm.fraction,
          low: arm.low,
          high: arm.high,
          vessels: [],
        }))}
      />
      <Typography>{compared.words}</Typography>
      <Typography variant="body2" color="text.secondary">
        {compared.arms
          .map(
            (arm) =>
              `${arm.name}: ${arm.batches.map((n) => `B-${n}`).join(", ")}` +
              `${arm.meanDays === null ? "" : `, up after ${arm.meanDays.toFixed(0)} days`}`,
          )
          .join("; ")}
        .
      </Typography>
      <Why lines={compared.working} about={`treatments of ${compared.commonName}`} />
    </Box>
  );
}
