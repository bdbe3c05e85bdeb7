import { Typography } from "@mui/material";
import type { SeedPhotoView } from "../../api/types";
import { fromMetric, unitOf, useUnits } from "../../shared/units";

/** How long and wide the seed is that lies apart, with its spread. */
export function SeedSizes({ seen }: { seen: SeedPhotoView["seen"] }) {
  const units = useUnits();
  if (!seen.length || !seen.width) return null;
  const size = (mm: number) => fromMetric(mm, "length", units).toFixed(units === "unitedStates" ? 2 : 1);
  const said = ({ middle, low, high }: { middle: number; low: number; high: number }) =>
    `${size(middle)} ${unitOf("length", units)} (eight in ten ${size(low)} to ${size(high)})`;
  return (
    <Typography data-testid="seed-sizes">
      Long {said(seen.length)}, wide {said(seen.width)}
    </Typography>
  );
}
