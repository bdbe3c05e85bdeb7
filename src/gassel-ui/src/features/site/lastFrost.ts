import type { Day } from "../../time/days";

/**
 * The usual last frost, `MM-dd`, that is saved: the day entered. While a record speaks the day by hand stays as it was. None is made up:
 * undefined where nobody ever entered one.
 */
export const lastFrostOf = (
  entered: Day | null,
  byRecord: boolean,
  before: string | undefined,
): string | undefined => entered?.slice(5) ?? (byRecord ? before : undefined);
