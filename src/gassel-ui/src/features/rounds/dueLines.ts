import type { RoundsView, StandingDue, StandingPart } from "../../api/types";
import type { Day } from "../../time/days";
import { GESTURES } from "./usual";

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

/** True where the seed itself is begun with. */
export const isAtTheStep = ({ due }: StandingDue): boolean =>
  due.kind === "startStep" || due.kind === "sow" || due.kind === "scarifyAgain";

/** True where cautions stand at the line: at a step, and where plants of a kind that can hurt are handled. */
export const isCautioned = (part: StandingPart, item: StandingDue): boolean =>
  item.cautions.length > 0 &&
  (isAtTheStep(item) || (GESTURES[item.due.kind] !== undefined && part.hazard !== "none"));

/** True where a line above it already has all of its cautions. */
export function isSaidAbove(lines: DueLine[], at: number): boolean {
  const line = lines[at];
  if (!line || !isCautioned(line.part, line.item)) return false;
  const texts = line.item.cautions.map((caution) => caution.text);
  return lines
    .slice(0, at)
    .filter(({ part, item }) => isCautioned(part, item))
    .some(({ item }) => texts.every((text) => item.cautions.some((caution) => caution.text === text)));
}

/** What is looked at here; fewer than two are no round. */
export function looksOf(lines: DueLine[], settled: ReadonlySet<string>): DueLine[] {
  const looks = lines.filter(({ key, item }) => item.due.kind === "checkBag" && !settled.has(key));
  return looks.length < 2 ? [] : looks;
}

/** So many names are read at a glance. */
const NAMED = 6;

/** The parts of some lines by their numbers: `B-3, B-12 1a`, and where there are many, how many more. */
export function namesOf(lines: DueLine[]): string {
  const names = lines.map(({ part }) => `B-${part.number}${part.part === "1" ? "" : ` ${part.part}`}`);
  return names.length <= NAMED + 1
    ? names.join(", ")
    : `${names.slice(0, NAMED).join(", ")} and ${names.length - NAMED} more`;
}
