import { useDevice } from "../look/DeviceContext";
import { daysBetween, monthName, monthStarts } from "../time/days";
import type { Day } from "../time/days";

interface MonthNamesProps {
  from: Day;
  to: Day;
  x: (day: Day) => number;
  y: number;
}

/** Least room for the name of a month. */
const MONTH_ROOM = 45;

/** What the name of a month is wide itself. */
const NAME = 28;

/** The same with a year. */
const NAME_AND_YEAR = 60;

/** Names of months along time, as many as there is room for; January has its year, or where there is little room is told by it. */
export function MonthNames({ from, to, x, y }: MonthNamesProps) {
  const { palette: p } = useDevice();
  const every = Math.ceil((MONTH_ROOM * Math.max(1, daysBetween(from, to))) / (30 * (x(to) - x(from))));
  const room = (every * 30 * (x(to) - x(from))) / Math.max(1, daysBetween(from, to));
  const name = (month: Day) =>
    month.slice(5, 7) !== "01"
      ? monthName(month)
      : room < NAME_AND_YEAR
        ? month.slice(0, 4)
        : `${monthName(month)} ${month.slice(0, 4)}`;
  return monthStarts(from, to)
    .filter((month, i) => i % every === 0 && x(to) - x(month) > NAME)
    .map((month) => (
      <text key={month} x={x(month) + 3} y={y} fontSize={13} fill={p.ink2}>
        {name(month)}
      </text>
    ));
}
