import { addDays, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";

/** Years by which a day has to move to fall into the twelve months from the first day on. */
export function yearsTo(day: Day, first: Day): number {
  let years = 0;
  while (shifted(day, years) < first) years += 1;
  while (daysBetween(first, shifted(day, years)) >= 365) years -= 1;
  return years;
}

/** The same day of the year in the twelve months from the first day on. */
export const ofWinter = (day: Day, first: Day): Day => shifted(day, yearsTo(day, first));

/** 29 February is the 28th where there is none. */
function shifted(day: Day, years: number): Day {
  const year = Number(day.slice(0, 4)) + years;
  const same = `${year}${day.slice(4)}`;
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  return day.slice(5) === "02-29" && !leap ? addDays(`${year}-03-01`, -1) : same;
}
