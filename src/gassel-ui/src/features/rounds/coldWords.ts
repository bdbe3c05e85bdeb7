import type { StandingPart } from "../../api/types";

/** `cold 62 of 84 days`, with the part of it that is certain where not all is. */
export function coldWords(cold: NonNullable<StandingPart["cold"]>): string {
  const uncertain = cold.days - cold.certainDays;
  const need =
    cold.days < cold.shortest ? `${cold.shortest} at least, ${cold.usual} usual` : `${cold.usual} usual`;
  return uncertain === 0
    ? `Cold: ${cold.days} days of ${need}, by the calendar.`
    : `Cold: ${cold.certainDays} to ${cold.days} days of ${need}; ${uncertain} are uncertain.`;
}
