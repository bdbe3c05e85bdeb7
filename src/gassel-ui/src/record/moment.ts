import { instantText } from "../time/days";
import type { Day } from "../time/days";

/** What was last heard of the time at the site. */
export interface SiteNow {
  now: string;
  today: Day;
  heardAt: number;
}

/** Now at the site, reckoned on from what was last heard of it; in milliseconds. */
export const siteMoment = (site: SiteNow, deviceNow: number): number =>
  Date.parse(site.now) + Math.max(0, deviceNow - site.heardAt);

/** The moment for what is recorded as done on a day: now for today, unknown for an earlier one. */
export function momentAt(site: SiteNow | undefined, doneOn: Day, deviceNow = Date.now()): string | null {
  return site && doneOn === site.today ? instantText(siteMoment(site, deviceNow)) : null;
}

/** `in 3 h 20 min`, `12 min ago`: how far a moment is. */
export function fromNow(moment: number, now: number): string {
  const minutes = Math.round(Math.abs(moment - now) / 60_000);
  const [h, min] = [Math.floor(minutes / 60), minutes % 60];
  const words = h === 0 ? `${min} min` : min === 0 || h >= 12 ? `${h} h` : `${h} h ${min} min`;
  return moment > now ? `in ${words}` : `${words} ago`;
}
