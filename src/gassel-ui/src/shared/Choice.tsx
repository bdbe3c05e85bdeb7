import { ToggleButton, ToggleButtonGroup } from "@mui/material";
import { capital } from "./words";

interface ChoiceProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  /** Values with their words, in order. */
  options: readonly (readonly [T, string])[];
}

/** One of a few values, all in view, at a touch. */
export function Choice<T extends string>({ label, value, onChange, options }: ChoiceProps<T>) {
  return (
    <ToggleButtonGroup
      exclusive
      value={value}
      aria-label={label}
      onChange={(_, next: T | null) => next && onChange(next)}
    >
      {options.map(([option, words]) => (
        <ToggleButton key={option} value={option}>
          {capital(words)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
