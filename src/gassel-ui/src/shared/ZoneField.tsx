import { Autocomplete, TextField } from "@mui/material";

interface ZoneFieldProps {
  value: string;
  onChange: (zone: string) => void;
}

const ZONES = Intl.supportedValuesOf("timeZone");

/** A time zone by its IANA name, found by any part of it: a town of the zone is one. */
export function ZoneField({ value, onChange }: ZoneFieldProps) {
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
          helperText="type a large town of it, such as Denver"
        />
      )}
    />
  );
}
