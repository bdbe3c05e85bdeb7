import type { StandingDue } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { actDay, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";

/** What is asked for, as an order: "look at the bag". */
export function order(item: StandingDue): string {
  switch (item.due.kind) {
    case "checkBag":
      return "look";
    case "countSeedlings":
      return "count";
    case "sow":
      return "sow";
    case "endStep":
      return `end ${stepWords(item.stepKind)}`;
    case "startStep":
      return item.stepKind === "growOn" ? "pot on" : stepWords(item.stepKind);
  }
}

/** When: "today", "2 days late", or the day to come. */
export function when(item: StandingDue, today: Day): string {
  const days = daysBetween(item.due.dueOn, today);
  if (days > 0) return days === 1 ? "1 day late" : `${days} days late`;
  return days === 0 ? "today" : actDay(item.due.dueOn, today);
}

export const dueWords = (item: StandingDue, today: Day): string => `${order(item)} ${when(item, today)}`;
