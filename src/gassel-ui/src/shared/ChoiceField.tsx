import type { ReactNode } from "react";
import { Autocomplete, MenuItem, TextField } from "@mui/material";
import type { SxProps } from "@mui/material";
import { useFieldProblem } from "./formProblem";
import { capital } from "./words";

/** A value with its words; a barred one is shown, its words say why, and it cannot be chosen. */
export type ChoiceWords<T extends string> = readonly [value: T, words: string, barred?: "barred"];

interface ChoiceFieldProps<T extends string> {
  label: string;
  name: string;
  /** One of the values; another where none is chosen yet. */
  value: T | "";
  onChange: (value: T) => void;
  /** In order. */
  choices: readonly ChoiceWords<T>[];
  helper?: ReactNode;
  size?: "small" | "medium";
  sx?: SxProps;
}

/** More choices than this are found by typing. */
const LONG = 16;

/** One of several values, told in words; a long list is narrowed by typing a part of what is looked for. */
export function ChoiceField<T extends string>(props: ChoiceFieldProps<T>) {
  const { label, name, value, onChange, choices, helper, size = "medium", sx = {} } = props;
  const problem = useFieldProblem(name, value);
  const shown = { label, name, size, error: problem !== null, helperText: problem ?? helper };
  if (choices.length > LONG)
    return (
      <Autocomplete
        options={choices}
        value={choices.find((choice) => choice[0] === value) ?? null}
        onChange={(_, chosen) => chosen && onChange(chosen[0])}
        getOptionLabel={(choice) => capital(choice[1])}
        getOptionKey={(choice) => choice[0]}
        getOptionDisabled={(choice) => choice[2] === "barred"}
        clearIcon={null}
        autoHighlight
        sx={sx}
        noOptionsText="Nothing of that name."
        renderInput={(params) => <TextField {...params} {...shown} />}
      />
    );
  // an empty choice has words of its own
  const hasEmpty = choices.some(([choice]) => choice === "");
  return (
    <TextField
      select
      {...shown}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
      {...(hasEmpty ? { slotProps: { select: { displayEmpty: true }, inputLabel: { shrink: true } } } : {})}
      sx={sx}
    >
      {choices.map(([choice, words, barred]) => (
        <MenuItem
          key={choice}
          value={choice}
          disabled={barred !== undefined}
          sx={{ whiteSpace: "normal", maxWidth: 480 }}
        >
          {capital(words)}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** The entries of a table of words, with their keys kept as what they are. */
export const wordsOf = <T extends string>(table: Record<T, string>): [T, string][] =>
  Object.entries(table) as [T, string][];
