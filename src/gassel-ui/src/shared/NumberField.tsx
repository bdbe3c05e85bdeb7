import { useState } from "react";
import { InputAdornment, TextField } from "@mui/material";
import { useFieldProblem } from "./formProblem";
import { rangeWords, readNumber, stepped } from "./numbers";

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

/** A number in plain text: no spinning wheel changes it by accident, arrow keys step it, and what is wrong is said beside it. */
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
  const [isWritten, setWritten] = useState(false);
  const problem = useFieldProblem(name, value);
  const limits = { min, max, whole };
  const reading = readNumber(text, limits);
  const wrong = reading.fault ?? problem;
  const range = `${rangeWords(limits)}${unit ? ` ${unit}` : ""}`;
  const write = (next: string) => {
    setText(next);
    onChange(readNumber(next, limits).value);
  };
  return (
    <TextField
      label={label}
      name={name}
      value={text}
      error={wrong !== null}
      // what is valid is said while it is written, before it is wrong
      helperText={wrong ?? (isWritten ? [helper, range].filter(Boolean).join("; ") : (helper ?? " "))}
      onChange={(event) => write(event.target.value)}
      onFocus={() => setWritten(true)}
      onBlur={() => setWritten(false)}
      onKeyDown={(event) => {
        if (event.key !== "ArrowUp" && event.key !== "ArrowDown") return;
        event.preventDefault();
        write(stepped(text, event.key === "ArrowUp" ? 1 : -1, limits));
      }}
      slotProps={{
        htmlInput: { inputMode: whole && min >= 0 ? "numeric" : "text", autoComplete: "off" },
        input: unit ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } : {},
      }}
    />
  );
}
