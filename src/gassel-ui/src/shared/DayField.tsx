import { useState } from "react";
import { TextField } from "@mui/material";
import { actDay, readDay, shortDay } from "../time/days";
import type { Day } from "../time/days";

interface DayFieldProps {
  label: string;
  value: Day | null;
  today: Day;
  onChange: (day: Day | null) => void;
  name: string;
}

/** A day typed as a grower writes it, `8 May 2027`, and told back with its weekday. */
export function DayField({ label, value, today, onChange, name }: DayFieldProps) {
  const [text, setText] = useState(value ? shortDay(value) : "");
  // another gesture may have set the day meanwhile
  const shown = value !== null && readDay(text, today) !== value ? shortDay(value) : text;
  const unread = text.trim() !== "" && value === null;
  return (
    <TextField
      label={label}
      name={name}
      value={shown}
      error={unread}
      onChange={(event) => {
        setText(event.target.value);
        onChange(readDay(event.target.value, today));
      }}
      helperText={unread ? "Write it as 8 May 2027." : value ? actDay(value) : "For instance 8 May 2027."}
    />
  );
}
