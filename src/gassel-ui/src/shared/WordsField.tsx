import { TextField } from "@mui/material";
import type { SxProps } from "@mui/material";
import { useFieldProblem } from "./formProblem";

interface WordsFieldProps {
  label: string;
  name: string;
  value: string;
  onChange: (written: string) => void;
  helper?: string | undefined;
  /** What is wrong with it, said in the place of the helper. */
  fault?: string | null;
  type?: "text" | "password" | "time" | "search";
  /** Most letters. */
  max?: number | undefined;
  lines?: "one" | "many";
  autoComplete?: string;
  size?: "small" | "medium";
  fullWidth?: boolean;
  autoFocus?: boolean;
  sx?: SxProps;
}

/** Words as they are typed; what the server has against them stands below. */
export function WordsField(props: WordsFieldProps) {
  const { label, name, value, onChange, helper, fault = null, type = "text", max, lines = "one" } = props;
  const problem = useFieldProblem(name, value);
  const wrong = fault ?? problem;
  return (
    <TextField
      label={label}
      name={name}
      value={value}
      type={type}
      multiline={lines === "many"}
      error={wrong !== null}
      helperText={wrong ?? helper}
      size={props.size ?? "medium"}
      fullWidth={props.fullWidth ?? false}
      autoFocus={props.autoFocus ?? false}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{
        htmlInput: { maxLength: max },
        // a browser draws dashes where no time is chosen
        ...(type === "time" ? { inputLabel: { shrink: true } } : {}),
      }}
      {...(props.autoComplete ? { autoComplete: props.autoComplete } : {})}
      {...(props.sx ? { sx: props.sx } : {})}
    />
  );
}
