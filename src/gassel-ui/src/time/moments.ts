import { dayAt, daysBetween, nearDay, timeAt } from "./days";
import type { Day } from "./days";

/** An instant in the site's zone, as it is said at the bench: `07:40` of today, `yesterday, Sat 13 Mar, 22:50`. */
export function momentWords(instant: string, timeZone: string, today: Day): string {
  const ms = Date.parse(instant);
  const day = dayAt(ms, timeZone);
  const time = timeAt(ms, timeZone);
  return day === today ? time : `${nearDay(day, today)}, ${time}`;
}

/** Days and parts of a day from the beginning of a day to an instant, by the clock on the wall of the site. */
export function daysInto(instant: string, from: Day, timeZone: string): number {
  const ms = Date.parse(instant);
  const [hours = 0, minutes = 0] = timeAt(ms, timeZone).split(":").map(Number);
  return daysBetween(from, dayAt(ms, timeZone)) + (hours + minutes / 60) / 24;
}
