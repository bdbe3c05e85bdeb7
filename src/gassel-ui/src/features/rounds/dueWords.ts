import type { StandingDue, StandingPart } from "../../api/types";
import { TITLES, WORDS } from "../../api/words";
import { stepWords } from "../../drawings/steps";
import { vesselWords } from "../sowing/sowingWords";
import { actDay, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";

/** What is asked for, as a short order: "look", "end cold-moist". */
export function order(item: StandingDue): string {
  if (item.setsOut) return "set out";
  const { kind } = item.due;
  if (kind === "endStep") return `${WORDS.DueKind.endStep} ${stepWords(item.stepKind)}`;
  if (kind === "startStep")
    return item.stepKind === "growOn" ? TITLES.StepKind.growOn : stepWords(item.stepKind);
  return WORDS.DueKind[kind];
}

const LEAVES = new Set<StandingDue["due"]["kind"]>(["prickOut", "thin"]);

/** When: "today", "2 days late", or the day to come. */
export function when(item: StandingDue, today: Day): string {
  const { kind, dueOn, openUntil } = item.due;
  // nothing is lost while sleepers are waited for, nor before the last good day to leave the tray
  const open = kind === "lookForReturn" || (LEAVES.has(kind) && openUntil !== null && openUntil >= today);
  if (dueOn < today && open) return `since ${actDay(dueOn, today)}`;
  const days = daysBetween(
    LEAVES.has(kind) && openUntil !== null && openUntil < today ? openUntil : dueOn,
    today,
  );
  if (days > 0) return days === 1 ? "1 day overdue" : `${days} days overdue`;
  return days === 0 ? "today" : actDay(item.due.dueOn, today);
}

export const dueWords = (item: StandingDue, today: Day): string => `${order(item)} ${when(item, today)}`;

/** The same at length, as it stands in a heading. */
export function dueTitle(
  kind: StandingDue["due"]["kind"],
  step: StandingDue["stepKind"],
  vessel: string | null = null,
): string {
  if (kind === "endStep") return `${WORDS.DueKind.endStep} ${stepWords(step)}`;
  if (kind === "startStep") return TITLES.StepKind[step];
  return kind === "checkBag" && vessel !== null ? `check the ${vessel}` : TITLES.DueKind[kind];
}

export const title = (part: StandingPart, item: StandingDue): string =>
  item.setsOut
    ? "make ready and set out"
    : dueTitle(item.due.kind, item.stepKind, vesselWords(part.vessel?.kind ?? "bag"));
