import { useState } from "react";
import { Box, Button, TextField, Typography } from "@mui/material";
import { actDay, addDays, nearDay, readDay } from "../time/days";
import type { Day } from "../time/days";
import { CalendarButton } from "./CalendarButton";
import { useDayOrder } from "./units";

interface DayStepperProps {
  day: Day;
  today: Day;
  onChange: (day: Day) => void;
  label: string;
}

/** The day something was done: today unless changed, a day back at a touch, any day by writing it, never tomorrow. */
export function DayStepper({ day, today, onChange, label }: DayStepperProps) {
  const order = useDayOrder();
  const [text, setText] = useState<string | null>(null);
  const written = text === null ? null : readDay(text, today, order, "back");
  const wrong = text !== null && text.trim() !== "" && (written === null || written > today);
  const take = () => {
    if (written !== null && written <= today) onChange(written);
    setText(null);
  };
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: "flex", alignItems: "flex-start", gap: 0.5, flexWrap: { xs: "nowrap", md: "wrap" } }}
    >
      <Typography component="span" sx={{ mr: 0.5, mt: 1.2 }}>
        {label}
      </Typography>
      <Button
        variant="outlined"
        aria-label="a day earlier"
        onClick={() => onChange(addDays(day, -1))}
        sx={{ minWidth: 48, px: 0 }}
      >
        ‹
      </Button>
      <TextField
        size="small"
        name="doneOn"
        value={text ?? nearDay(day, today)}
        error={wrong}
        helperText={
          wrong
            ? "A day up to today, such as 1 Mar."
            : text !== null && written
              ? `Enter: ${actDay(written, today)}`
              : undefined
        }
        onFocus={(event) => event.target.select()}
        onChange={(event) => setText(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            take();
          }
          if (event.key === "Escape") setText(null);
        }}
        slotProps={{
          htmlInput: {
            "aria-label": `${label}: write a day, such as 1 Mar`,
            "data-testid": "done-day",
            style: {
              fontWeight: 700,
              textAlign: "center",
              height: 48,
              padding: "0 8px",
              boxSizing: "border-box",
            },
          },
        }}
        sx={{ width: { xs: "10.5em", md: "12.5em" } }}
      />
      <CalendarButton label={label} value={day} today={today} last={today} choose={onChange} />
      <Button
        variant="outlined"
        aria-label="a day later"
        disabled={day >= today}
        onClick={() => onChange(addDays(day, 1))}
        sx={{ minWidth: 48, px: 0 }}
      >
        ›
      </Button>
      {day !== today && (
        <Button onClick={() => onChange(today)} sx={{ px: 1 }}>
          Today
        </Button>
      )}
    </Box>
  );
}
