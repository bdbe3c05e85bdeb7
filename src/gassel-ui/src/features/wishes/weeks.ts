import type { WishStart, WishView } from "../../api/types";
import { dayNumber, fromDayNumber } from "../../time/days";
import type { Day } from "../../time/days";

/** Monday of its week; day 0 was a Thursday. */
export function mondayOf(day: Day): Day {
  const number = dayNumber(day);
  return fromDayNumber(number - ((((number + 3) % 7) + 7) % 7));
}

/** A week and what starts in it, in order. */
export interface Week {
  monday: Day;
  starts: { wish: WishView; on: Day }[];
}

/** Wishes by the week in which they start: as found, else pinned, else on their best day. What found no room is in none. */
export function weeksOf(wishes: WishView[], found: ReadonlyMap<string, WishStart>): Week[] {
  const weeks = new Map<Day, Week>();
  for (const wish of wishes) {
    const start = found.get(wish.id);
    const on = start ? start.on : (wish.wish.pinned ?? wish.plan?.start.usual ?? null);
    if (on === null || wish.wish.isAside) continue;
    const monday = mondayOf(on);
    const week = weeks.get(monday) ?? { monday, starts: [] };
    week.starts.push({ wish, on });
    weeks.set(monday, week);
  }
  return [...weeks.values()]
    .map((w) => ({ ...w, starts: w.starts.sort((a, b) => a.on.localeCompare(b.on)) }))
    .sort((a, b) => a.monday.localeCompare(b.monday));
}
