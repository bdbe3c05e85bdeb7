import { useFieldProblem } from "./formProblem";
import { Autocomplete, TextField } from "@mui/material";

interface ZoneFieldProps {
  value: string;
  onChange: (zone: string) => void;
}

const ZONES = Intl.supportedValuesOf("timeZone");

/** A time zone by its IANA name, found by any part of it: a town of the zone is one. */
export function ZoneField({ value, onChange }: ZoneFieldProps) {
  const problem = useFieldProblem("timeZone", value);
  return (
    <Autocomplete
      freeSolo
      options={ZONES}
      inputValue={value}
      onInputChange={(_, zone) => onChange(zone.trim())}
      renderInput={(params) => (
        <TextField
          {...params}
          label="Time zone"
          name="timeZone"
          error={problem !== null}
          helperText={problem ?? "type a large town of it, such as Denver"}
        />
      )}
    />
  );
}
