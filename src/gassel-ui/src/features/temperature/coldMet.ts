import type { ColdMet } from "../../api/types";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** When a need is met, as a range where something is uncertain: `8 Apr`, `met 1 Mar`, `8 Apr, or 15 Apr if only what is certain counts`. */
export function metWords({ allKept, certain }: ColdMet, today: Day): string {
  const on = (day: Day) => (day <= today ? `met ${shortDay(day, today)}` : shortDay(day, today));
  if (allKept === null) return "not at this rate";
  if (certain === allKept) return on(allKept);
  const sure = certain === null ? "not at this rate" : shortDay(certain, today);
  return `${on(allKept)}, or ${sure} if only certain days count`;
}

/** The same for a table: `24 Apr–1 May`. */
export function metSpan(met: ColdMet, today: Day): string {
  if (met.allKept === null || met.allKept === met.certain) return metWords(met, today);
  return met.certain === null
    ? `${shortDay(met.allKept, today)} or later`
    : `${shortDay(met.allKept, today)}–${shortDay(met.certain, today)}`;
}
