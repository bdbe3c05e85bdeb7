import type { ColdBrief } from "../../api/types";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

const BY: Record<ColdBrief["school"], string> = {
  calendar: "by the calendar",
  chillHours: "of hours from 0 to 7.2 °C",
  weighted: "by temperature",
};

const HOURS_A_DAY = 24;

/** `Cold by temperature: 52 of 84 days usual…`, with the part of it that is certain where not all is, and when it is enough. */
export function coldWords(cold: ColdBrief, today: Day): string {
  const hours = cold.school === "chillHours";
  const need = (days: number) => (hours ? days * HOURS_A_DAY : days);
  const shown = (amount: number) => (hours ? String(Math.round(amount)) : String(Number(amount.toFixed(1))));
  const gained =
    cold.gained - cold.certain < 0.05
      ? shown(cold.gained)
      : `${shown(cold.certain)} to ${shown(cold.gained)}`;
  const unit = hours ? "hours" : "days";
  const least = cold.gained < need(cold.shortest) ? `at least ${need(cold.shortest)}, ` : "";
  const assumed =
    cold.gained > 0 && cold.assumed > 0.05
      ? cold.assumed >= cold.gained - 0.05
        ? " All of it assumed, nothing measured."
        : ` ${shown(cold.assumed)} of it assumed.`
      : "";
  const met =
    cold.usualMetOn === null
      ? " At this rate the usual is not met."
      : cold.usualMetOn <= today
        ? " The usual is met."
        : ` Usual met ${shortDay(cold.usualMetOn, today)} at this rate.`;
  return `Cold ${BY[cold.school]}: ${gained} of ${least}${need(cold.usual)} ${hours ? unit : several(cold.usual, "day").replace(/^\d+ /, "")}.${cold.gained > 0 ? met : ""}${assumed}`;
}
