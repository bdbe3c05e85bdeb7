import { Box, Button, Typography } from "@mui/material";
import { addDays, nearDay } from "../time/days";
import type { Day } from "../time/days";

interface DayStepperProps {
  day: Day;
  today: Day;
  onChange: (day: Day) => void;
  label: string;
}

/** The day something was done: today unless changed, a day back at a touch, never tomorrow. */
export function DayStepper({ day, today, onChange, label }: DayStepperProps) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: "flex", alignItems: "center", gap: 0.5, flexWrap: { xs: "nowrap", md: "wrap" } }}
    >
      <Typography component="span" sx={{ mr: 0.5 }}>
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
      <Typography
        component="span"
        data-testid="done-day"
        sx={{ fontWeight: 700, minWidth: { xs: "9em", md: "10.5em" }, textAlign: "center" }}
      >
        {nearDay(day, today)}
      </Typography>
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
          today
        </Button>
      )}
    </Box>
  );
}
