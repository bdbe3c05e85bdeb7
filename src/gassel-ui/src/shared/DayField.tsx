import { useState } from "react";
import { TextField } from "@mui/material";
import { useFieldProblem } from "./formProblem";
import { CalendarButton } from "./CalendarButton";
import { actDay, readDay, shortDay } from "../time/days";
import type { Day, Leaning } from "../time/days";
import { useDayOrder } from "./units";

interface DayFieldProps {
  label: string;
  value: Day | null;
  today: Day;
  onChange: (day: Day | null) => void;
  name: string;
  /** Which year is meant where none is written; the coming day unless the past is asked for. */
  leaning?: Leaning;
}

/** A day typed as a grower writes it, `8 May 2027`, and told back with its weekday. */
export function DayField({ label, value, today, onChange, name, leaning = "ahead" }: DayFieldProps) {
  const order = useDayOrder();
  const [text, setText] = useState(value ? shortDay(value) : "");
  const read = (written: string) => readDay(written, today, order, leaning);
  // another gesture may have set the day meanwhile
  const shown = value !== null && read(text) !== value ? shortDay(value) : text;
  const problem = useFieldProblem(name, value);
  const unread = text.trim() !== "" && value === null;
  return (
    <TextField
      label={label}
      name={name}
      value={shown}
      error={unread || problem !== null}
      onChange={(event) => {
        setText(event.target.value);
        onChange(read(event.target.value));
      }}
      slotProps={{
        input: {
          endAdornment: (
            <CalendarButton
              label={label}
              value={value}
              today={today}
              choose={(day) => {
                setText(shortDay(day));
                onChange(day);
              }}
            />
          ),
          sx: { pr: 0.25 },
        },
      }}
      helperText={
        unread ? "Write it as 8 May 2027." : (problem ?? (value ? actDay(value) : "For instance 8 May 2027."))
      }
    />
  );
}
