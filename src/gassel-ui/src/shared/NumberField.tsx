import { useState } from "react";
import { InputAdornment, TextField } from "@mui/material";
import { readNumber } from "./numbers";

interface NumberFieldProps {
  label: string;
  name: string;
  value: number | null;
  onChange: (value: number | null) => void;
  unit?: string;
  min: number;
  max: number;
  whole?: boolean;
  helper?: string;
}

/** A number in plain text: no spinning wheel changes it by accident, and what is wrong is said beside it. */
export function NumberField({
  label,
  name,
  value,
  onChange,
  unit,
  min,
  max,
  whole = true,
  helper,
}: NumberFieldProps) {
  const [text, setText] = useState(value === null ? "" : String(value));
  const reading = readNumber(text, { min, max, whole });
  return (
    <TextField
      label={label}
      name={name}
      value={text}
      error={reading.fault !== null}
      helperText={reading.fault ?? helper ?? " "}
      onChange={(event) => {
        setText(event.target.value);
        onChange(readNumber(event.target.value, { min, max, whole }).value);
      }}
      slotProps={{
        htmlInput: { inputMode: whole && min >= 0 ? "numeric" : "text", autoComplete: "off" },
        input: unit ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } : {},
      }}
    />
  );
}
