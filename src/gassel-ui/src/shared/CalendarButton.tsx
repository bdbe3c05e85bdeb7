import { lazy, Suspense, useState } from "react";
import { Box, Button, IconButton, Popover } from "@mui/material";
import type { Day } from "../time/days";

const DayCalendar = lazy(() => import("./DayCalendar").then((m) => ({ default: m.DayCalendar })));

interface CalendarButtonProps {
  /** Of the field it stands in. */
  label: string;
  value: Day | null;
  today: Day;
  /** Last day that may be chosen; none for any. */
  last?: Day;
  choose: (day: Day) => void;
}

/** Opens a calendar beside a field in which a day is written. */
export function CalendarButton({ label, value, today, last, choose }: CalendarButtonProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const take = (day: Day) => {
    setAnchor(null);
    choose(day);
  };
  return (
    <>
      <IconButton
        aria-label={`calendar: ${label}`}
        aria-haspopup="dialog"
        onClick={(event) => setAnchor(event.currentTarget)}
        color="primary"
        sx={{ width: 48, height: 48 }}
      >
        <svg width="22" height="22" viewBox="0 0 22 22" fill="none" stroke="currentColor" strokeWidth="1.8">
          <rect x="2.5" y="4.5" width="17" height="15" rx="2" />
          <path d="M2.5 9.5h17M7 2v4M15 2v4" />
        </svg>
      </IconButton>
      {anchor && (
        <Popover
          open
          anchorEl={anchor}
          onClose={() => setAnchor(null)}
          anchorOrigin={{ vertical: "bottom", horizontal: "right" }}
          transformOrigin={{ vertical: "top", horizontal: "right" }}
          slotProps={{ paper: { role: "dialog", "aria-label": `${label}, calendar` } }}
        >
          <Suspense fallback={<Box sx={{ width: 340, height: 380 }} />}>
            <DayCalendar value={value} today={today} last={last} choose={take} />
          </Suspense>
          {(last === undefined || today <= last) && (
            <Button fullWidth onClick={() => take(today)}>
              Today
            </Button>
          )}
        </Popover>
      )}
    </>
  );
}
