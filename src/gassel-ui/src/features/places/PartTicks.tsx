import { Box, Checkbox, FormControlLabel } from "@mui/material";
import type { ReactNode } from "react";
import { partName } from "./move";
import type { Standing } from "./move";

interface PartTicksProps {
  label: string;
  parts: Standing[];
  ticked: number[];
  change: (ticked: number[]) => void;
  /** Above the list. */
  children?: ReactNode;
}

/** Which of the vessels at a place are meant, a tick each. */
export function PartTicks({ label, parts, ticked, change, children }: PartTicksProps) {
  const tick = (i: number) => change(ticked.includes(i) ? ticked.filter((t) => t !== i) : [...ticked, i]);
  return (
    <Box role="group" aria-label={label}>
      {children}
      {parts.map((part, i) => (
        <FormControlLabel
          key={part.batchId + part.part}
          sx={{ display: "flex", minHeight: 48, m: 0 }}
          control={<Checkbox checked={ticked.includes(i)} onChange={() => tick(i)} />}
          label={`${partName(part)} ${part.commonName}${part.label ? `, ${part.label}` : ""}`}
        />
      ))}
    </Box>
  );
}
