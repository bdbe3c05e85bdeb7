import type { RibbonStretch, WishStart, WishView } from "../../api/types";
import { addDays, daysBetween } from "../../time/days";

type Stretch = Omit<RibbonStretch, "step">;

/** Its steps along time: as room was found, else on its pinned or best day; none where it found no room or cannot be planned. */
export function ribbonOf(wish: WishView, start: WishStart | undefined): Stretch[] {
  const steps = wish.plan?.steps ?? [];
  const first = steps[0];
  if (!first || (start && start.on === null)) return [];
  const later = start?.on ? daysBetween(first.start, start.on) : 0;
  return steps
    .filter((step) => step.end > step.start)
    .map((step) => {
      const [from, to] = [addDays(step.start, later), addDays(step.end, later)];
      return { kind: step.kind, start: from, end: to, plannedStart: from, plannedEnd: to, time: "ahead" };
    });
}
