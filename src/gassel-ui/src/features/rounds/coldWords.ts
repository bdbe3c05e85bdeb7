import { WORDS } from "../../api/words";
import type { Units } from "../../shared/units";
import { said } from "../../shared/words";
import type { ColdBrief } from "../../api/types";
import type { Day } from "../../time/days";
import { metWords } from "../temperature/coldMet";

const by = (school: ColdBrief["school"], units: Units): string =>
  school === "chillHours"
    ? `of ${said(WORDS.ColdSchool.chillHours, units)}`
    : school === "calendar"
      ? "by the calendar"
      : "by temperature";

/** `Cold by temperature: 52 of 84 days…`, with the part of it that is certain where not all is, and when it is enough. */
export function coldWords(cold: ColdBrief, today: Day, units: Units): string {
  const hours = cold.school === "chillHours";
  const shown = (amount: number) => (hours ? String(Math.round(amount)) : String(Number(amount.toFixed(1))));
  const gained =
    cold.gained - cold.certain < 0.05
      ? shown(cold.gained)
      : `${shown(cold.certain)} to ${shown(cold.gained)}`;
  const least = cold.gained < cold.shortest ? `at least ${cold.shortest}, ` : "";
  const assumed =
    cold.gained > 0 && cold.assumed > 0.05
      ? cold.assumed >= cold.gained - 0.05
        ? " All of it assumed, nothing measured."
        : ` ${shown(cold.assumed)} of it assumed.`
      : "";
  const met = cold.gained > 0 ? ` Enough: ${metWords(cold.usualMet, today)}.` : "";
  return `Cold ${by(cold.school, units)}: ${gained} of ${least}${cold.usual} ${hours ? "hours" : "days"}.${met}${assumed}`;
}
