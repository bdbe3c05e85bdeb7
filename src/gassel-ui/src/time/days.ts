/**
 * Days as ISO text (`yyyy-MM-dd`), the only form in which the interface holds them. Reckoned in UTC so that no time zone of the
 * browser can shift a day.
 */
export type Day = string;

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;
const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"] as const;
const MS = 86_400_000;

function parts(day: Day): [number, number, number] {
  const [year, month, date] = day.split("-").map(Number);
  return [year ?? 0, month ?? 1, date ?? 1];
}

/** Days since 1 January 1970. */
export function dayNumber(day: Day): number {
  const [year, month, date] = parts(day);
  return Math.round(Date.UTC(year, month - 1, date) / MS);
}

export function fromDayNumber(number: number): Day {
  return new Date(number * MS).toISOString().slice(0, 10);
}

export const addDays = (day: Day, days: number): Day => fromDayNumber(dayNumber(day) + days);

/** Days from the first to the second. */
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from);

/** `14 Mar`, with the year where it is not this one. */
export function shortDay(day: Day, today?: Day): string {
  const [year, month, date] = parts(day);
  const text = `${date} ${MONTHS[month - 1] ?? "?"}`;
  return today && day.slice(0, 4) === today.slice(0, 4) ? text : `${text} ${year}`;
}

/** `8 May` of `05-08`, a day of every year. */
export const monthDayWords = (monthDay: string): string => shortDay(`2028-${monthDay}`, "2028-01-01");

/** `Sun 14 Mar`, for days on which someone acts. */
export function actDay(day: Day, today?: Day): string {
  return `${WEEKDAYS[(((dayNumber(day) + 4) % 7) + 7) % 7] ?? ""} ${shortDay(day, today)}`;
}

/** `today`, `yesterday`, or the day with its weekday. */
export function nearDay(day: Day, today: Day): string {
  const ago = daysBetween(day, today);
  if (ago === 0) return `today, ${actDay(day, today)}`;
  if (ago === 1) return `yesterday, ${actDay(day, today)}`;
  return actDay(day, today);
}

export function monthName(day: Day): string {
  return MONTHS[parts(day)[1] - 1] ?? "";
}

/** First days of the months that begin after `from` and not after `to`. */
export function monthStarts(from: Day, to: Day): Day[] {
  const starts: Day[] = [];
  let [year, month] = parts(from);
  for (;;) {
    month += 1;
    if (month > 12) [year, month] = [year + 1, 1];
    const start = `${String(year).padStart(4, "0")}-${String(month).padStart(2, "0")}-01`;
    if (start > to) return starts;
    starts.push(start);
  }
}

/** Which of two numbers comes first in `8/5/2027`: the month, as in the United States, or the day. */
export type DayOrder = "monthFirst" | "dayFirst";

/** How a day without a year is meant: the coming one, or the last one. */
export type Leaning = "ahead" | "back";

const monthOf = (name: string): number =>
  MONTHS.findIndex((known) => known.toLowerCase() === name.slice(0, 3).toLowerCase()) + 1;

/**
 * Reads a day as growers write it: `2027-05-08`, `8 May 2027`, `8 May`, `May 8, 2027`, `8/5/2027` by the order of the site, `today`,
 * `yesterday`, and `Aug 2026` for its first day. Null where no such day exists.
 */
export function readDay(
  text: string,
  today: Day,
  order: DayOrder = "dayFirst",
  leaning: Leaning = "ahead",
): Day | null {
  const clean = text.trim().replace(/,/g, " ").replace(/\s+/g, " ");
  if (/^today$/i.test(clean)) return today;
  if (/^yesterday$/i.test(clean)) return addDays(today, -1);
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(clean);
  if (iso) return existing(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const numbers = /^(\d{1,2})[./-](\d{1,2})(?:[./-](\d{4}|\d{2}))?$/.exec(clean);
  if (numbers) {
    const [a, b] = [Number(numbers[1]), Number(numbers[2])];
    // a point between them is written where the day comes first
    const dayFirst = order === "dayFirst" || clean.includes(".");
    return ofYear(numbers[3], dayFirst ? b : a, dayFirst ? a : b);
  }
  const dayMonth = /^(\d{1,2})\.? ([a-z]{3,9})\.?(?: (\d{4}))?$/i.exec(clean);
  if (dayMonth) return ofYear(dayMonth[3], monthOf(dayMonth[2] ?? ""), Number(dayMonth[1]));
  const monthDay = /^([a-z]{3,9})\.? (\d{1,2})(?:st|nd|rd|th)?(?: (\d{4}))?$/i.exec(clean);
  if (monthDay) return ofYear(monthDay[3], monthOf(monthDay[1] ?? ""), Number(monthDay[2]));
  const monthYear = /^([a-z]{3,9})\.? (\d{4})$/i.exec(clean);
  if (monthYear) return existing(Number(monthYear[2]), monthOf(monthYear[1] ?? ""), 1);
  return null;

  function ofYear(year: string | undefined, month: number, date: number): Day | null {
    if (month === 0) return null;
    if (year) return existing(Number(year.length === 2 ? `20${year}` : year), month, date);
    const present = Number(today.slice(0, 4));
    const near = existing(present, month, date);
    if (leaning === "back") return near && near <= today ? near : existing(present - 1, month, date);
    return near && near >= today ? near : existing(present + 1, month, date);
  }
}

/** The day at an instant in a time zone with an IANA name. */
export function dayAt(instant: number, timeZone: string): Day {
  const parts = new Intl.DateTimeFormat("en", {
    timeZone,
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
  }).formatToParts(instant);
  const part = (type: string) => parts.find((p) => p.type === type)?.value ?? "";
  return `${part("year").padStart(4, "0")}-${part("month")}-${part("day")}`;
}

/** An instant in milliseconds as RFC 3339, to the second. */
export const instantText = (instant: number): string => `${new Date(instant).toISOString().slice(0, 19)}Z`;

/** Now by this device's clock, which may be wrong. */
export const nowText = (): string => new Date().toISOString();

/** `09:02`, the time of day at an instant in a time zone with an IANA name. */
export const timeAt = (instant: number, timeZone: string): string =>
  new Intl.DateTimeFormat("en-GB", { timeZone, hour: "2-digit", minute: "2-digit" }).format(instant);

/** What the server last said of the time, and when this device heard it, by its own clock. */
export interface LastWord {
  now: string;
  today: Day;
  timeZone: string;
  heardAt: number;
}

/**
 * The day at the site reckoned on from the server's last word. The device says only how long ago that was, so that a wrong clock does
 * no harm; one that went backwards counts as no time.
 */
export function dayReckoned(word: LastWord, deviceNow: number): Day {
  const since = Math.max(0, deviceNow - word.heardAt);
  const day = dayAt(Date.parse(word.now) + since, word.timeZone);
  return day > word.today ? day : word.today;
}

function existing(year: number, month: number, date: number): Day | null {
  const day = `${String(year).padStart(4, "0")}-${String(month).padStart(2, "0")}-${String(date).padStart(2, "0")}`;
  const there = month >= 1 && month <= 12 && date >= 1 && fromDayNumber(dayNumber(day)) === day;
  return there && year >= 1900 && year <= 2200 ? day : null;
}
