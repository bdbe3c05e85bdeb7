import type { StandingDue, StandingPart } from "../../api/types";
import { startWords, stepWords } from "../../drawings/steps";
import { vesselWords } from "../sowing/sowingWords";
import { actDay, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";

/** What is asked for, as an order: "look at the bag". */
export function order(item: StandingDue): string {
  if (item.setsOut) return "set out";
  switch (item.due.kind) {
    case "checkBag":
      return "look";
    case "changeWater":
      return "change water";
    case "lookForSwelling":
      return "look for swelling";
    case "scarifyAgain":
      return "scarify again";
    case "countSeedlings":
      return "count";
    case "takeDomeOff":
      return "dome off";
    case "endSecondCold":
      return "out of the cold";
    case "lookForTrueLeaves":
      return "true leaves?";
    case "takeHeight":
      return "measure";
    case "repot":
      return "repot";
    case "winterLook":
      return "look over";
    case "endWinter":
      return "winter over";
    case "lookAgain":
      return "look again";
    case "prickOut":
      return "prick out";
    case "thin":
      return "thin";
    case "feed":
      return "feed";
    case "lookForReturn":
      return "up again?";
    case "carryOut":
      return "carry out";
    case "strawMostOff":
    case "strawRestOff":
      return "straw off";
    case "plantOut":
      return "plant";
    case "sow":
      return "sow";
    case "endStep":
      return `end ${stepWords(item.stepKind)}`;
    case "startStep":
      return item.stepKind === "growOn" ? "pot on" : stepWords(item.stepKind);
  }
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
  switch (kind) {
    case "checkBag":
      return vessel === null ? "look at it" : `check the ${vessel}`;
    case "changeWater":
      return "change the water";
    case "lookForSwelling":
      return "how many have swollen";
    case "scarifyAgain":
      return "took no water; scarify again";
    case "countSeedlings":
      return "count seedlings";
    case "takeDomeOff":
      return "take the dome off";
    case "endSecondCold":
      return "out of its second cold";
    case "lookForTrueLeaves":
      return "look for true leaves";
    case "takeHeight":
      return "measure how tall they are";
    case "repot":
      return "into the next pot";
    case "winterLook":
      return "look over, in winter";
    case "endWinter":
      return "out of the winter";
    case "lookAgain":
      return "look again at what was wrong";
    case "prickOut":
      return "prick out, divide or thin";
    case "thin":
      return "thin to one";
    case "feed":
      return "feed";
    case "lookForReturn":
      return "do they come up again";
    case "carryOut":
      return "out for the day";
    case "strawMostOff":
      return "three quarters of the straw off";
    case "strawRestOff":
      return "the rest of the straw off";
    case "plantOut":
      return "plant out";
    case "sow":
      return "sow";
    case "endStep":
      return `end ${stepWords(step)}`;
    case "startStep":
      return startWords(step);
  }
}

export const title = (part: StandingPart, item: StandingDue): string =>
  item.setsOut
    ? "make ready and set out"
    : dueTitle(item.due.kind, item.stepKind, vesselWords(part.vessel?.kind ?? "bag"));
