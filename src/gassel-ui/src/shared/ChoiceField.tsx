import { MenuItem, TextField } from "@mui/material";
import type { SxProps } from "@mui/material";
import { capital } from "./words";

interface ChoiceFieldProps<T extends string> {
  label: string;
  name: string;
  value: T;
  onChange: (value: T) => void;
  /** Values with their words, in order. */
  choices: readonly (readonly [T, string])[];
  helper?: string;
  size?: "small" | "medium";
  sx?: SxProps;
}

/** One of a few values, told in words. */
export function ChoiceField<T extends string>(props: ChoiceFieldProps<T>) {
  const { label, name, value, onChange, choices, helper, size = "medium", sx } = props;
  return (
    <TextField
      select
      size={size}
      label={label}
      name={name}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      // an empty choice has words of its own
      {...(choices.some(([choice]) => choice === "")
        ? { slotProps: { select: { displayEmpty: true }, inputLabel: { shrink: true } } }
        : {})}
      {...(helper === undefined ? {} : { helperText: helper })}
      {...(sx ? { sx } : {})}
    >
      {choices.map(([choice, words]) => (
        <MenuItem key={choice} value={choice}>
          {capital(words)}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** The entries of a table of words, with their keys kept as what they are. */
export const wordsOf = <T extends string>(table: Record<T, string>): [T, string][] =>
  Object.entries(table) as [T, string][];
