import type { RoundsView, StandingDue, StandingPart } from "../../api/types";
import type { Day } from "../../time/days";

/** One due thing of one vessel. */
export interface DueLine {
  /** Names it on this page, in the queue and on the sheet. */
  key: string;
  part: StandingPart;
  item: StandingDue;
}

export const dueKey = (number: number, part: string, kind: StandingDue["due"]["kind"]): string =>
  `${number}-${part}-${kind}`;

/** What is due at a place today or late, in the order of its vessels. */
export const linesOf = (place: RoundsView["places"][number], today: Day): DueLine[] =>
  place.parts.flatMap((part) =>
    part.due
      .filter((item) => item.due.dueOn <= today)
      .map((item) => ({ key: dueKey(part.number, part.part, item.due.kind), part, item })),
  );
