import { Box, Typography } from "@mui/material";
import type { TrialPreview } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { TrayPlan } from "../../drawings/TrayPlan";
import { plotWords } from "./trialWords";

interface TrialLayoutPlanProps {
  design: TrialPreview["design"];
  columns: number | null;
}

/** Where which arm lies: trays cell by cell, or vessels in the order in which they stand. Arms go by their number in the list. */
export function TrialLayoutPlan({ design, columns }: TrialLayoutPlanProps) {
  const { palette } = useDevice();
  return (
    <Box data-testid="trial-layout">
      <Typography sx={{ mb: 1 }}>
        {design.arms.map((arm, i) => `${i + 1}: ${arm.name}${arm.isControl ? " (control)" : ""}`).join(" · ")}
      </Typography>
      {columns === null ? (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {design.vessels.map((vessel, v) => {
            const plot = design.plots.find((p) => p.vessel === v);
            return (
              <Box
                key={vessel.label}
                sx={{
                  border: `2px solid ${palette.line}`,
                  borderRadius: 1.5,
                  p: 1,
                  width: 104,
                  textAlign: "center",
                }}
              >
                <Typography variant="body2">{vessel.label}</Typography>
                <Typography variant="h2" component="div">
                  {(plot?.arm ?? 0) + 1}
                </Typography>
                <Typography variant="body2">{plotWords(plot?.seeds ?? 0, null)}</Typography>
              </Box>
            );
          })}
        </Box>
      ) : (
        design.vessels.map((vessel, v) => {
          const plots = design.plots.filter((p) => p.vessel === v);
          const armOf = new Map(plots.flatMap((p) => (p.cells ?? []).map((cell) => [cell, p.arm] as const)));
          return (
            <Box key={vessel.label} sx={{ mb: 1.5, breakInside: "avoid" }}>
              <Typography variant="h3">
                {vessel.label}:{" "}
                {plots.map((p) => `arm ${p.arm + 1}, ${plotWords(p.seeds, p.cells)}`).join("; ")}
              </Typography>
              <TrayPlan
                grid={{ columns, cells: vessel.cells ?? 0 }}
                label={`layout of ${vessel.label}`}
                mark={(cell) => {
                  const arm = armOf.get(cell);
                  return arm === undefined
                    ? { taken: true }
                    : { note: String(arm + 1), chosen: arm % 2 === 1 };
                }}
              />
            </Box>
          );
        })
      )}
    </Box>
  );
}
