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
  const month = (30 * (x(to) - x(from))) / Math.max(1, daysBetween(from, to));
  const every = Math.ceil(MONTH_ROOM / month);
  const name = (start: Day) =>
    start.slice(5, 7) !== "01"
      ? monthName(start)
      : every * month < NAME_AND_YEAR
        ? start.slice(0, 4)
        : `${monthName(start)} ${start.slice(0, 4)}`;
  return monthStarts(from, to)
    .filter((start, i) => i % every === 0 && x(to) - x(start) > NAME)
    .map((start) => (
      <text key={start} x={x(start) + 3} y={y} fontSize={13} fill={p.ink2}>
        {name(start)}
      </text>
    ));
}
