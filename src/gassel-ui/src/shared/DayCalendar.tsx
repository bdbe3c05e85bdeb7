import { DateCalendar } from "@mui/x-date-pickers/DateCalendar";
import { LocalizationProvider } from "@mui/x-date-pickers/LocalizationProvider";
import { AdapterDayjs } from "@mui/x-date-pickers/AdapterDayjs";
import dayjs from "dayjs";
import "dayjs/locale/en-gb";
import type { Day } from "../time/days";
import { useDayOrder } from "./units";

interface DayCalendarProps {
  value: Day | null;
  /** At the site; the day of this device is not asked. */
  today: Day;
  /** Last day that may be chosen; none for any. */
  last?: Day | undefined;
  choose: (day: Day) => void;
}

/** A month of days; weeks begin as they do where days are written so. */
export function DayCalendar({ value, today, last, choose }: DayCalendarProps) {
  const order = useDayOrder();
  return (
    <LocalizationProvider dateAdapter={AdapterDayjs} adapterLocale={order === "dayFirst" ? "en-gb" : "en"}>
      <DateCalendar
        value={value === null ? null : dayjs(value)}
        referenceDate={dayjs(value ?? today)}
        {...(last === undefined ? {} : { maxDate: dayjs(last) })}
        disableHighlightToday
        views={["year", "month", "day"]}
        openTo="day"
        onChange={(day, state) => {
          if (day && state === "finish") choose(day.format("YYYY-MM-DD"));
        }}
        sx={{
          "& .MuiPickersDay-root, & .MuiPickerDay-root": { width: 44, height: 44, fontSize: "1rem" },
          "& .MuiDayCalendar-weekDayLabel": { width: 44 },
          width: 340,
          height: 380,
          maxHeight: 380,
          "& .MuiDayCalendar-slideTransition": { minHeight: 280 },
        }}
      />
    </LocalizationProvider>
  );
}
