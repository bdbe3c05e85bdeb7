import { Checkbox, FormControlLabel } from "@mui/material";
import type { PreparationStep } from "../../api/types";

interface TableStepsProps {
  steps: { step: PreparationStep; words: string }[];
  done: PreparationStep[];
  change: (done: PreparationStep[]) => void;
}

/** What is done to a container at the table, checked off one by one. */
export function TableSteps({ steps, done, change }: TableStepsProps) {
  return steps.map(({ step, words }) => (
    <FormControlLabel
      key={step}
      sx={{
        display: "flex",
        alignItems: "flex-start",
        minHeight: 48,
        mr: 0,
        "& .MuiFormControlLabel-label": { pt: 1.25, lineHeight: 1.3 },
      }}
      control={
        <Checkbox
          checked={done.includes(step)}
          onChange={(e) => change(e.target.checked ? [...done, step] : done.filter((s) => s !== step))}
          slotProps={{ input: { "aria-label": step } }}
        />
      }
      label={words}
    />
  ));
}
