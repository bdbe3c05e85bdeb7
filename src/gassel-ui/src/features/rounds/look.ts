import type { BagCare, EntryPayload, Moisture, MouldSeen, StandingPart } from "../../api/types";
import { lookAtBag } from "../../record/entries";
import type { SproutAction } from "../../record/entries";
import { daysBetween } from "../../time/days";
import type { Day } from "../../time/days";
import { fits } from "./careWords";

/** A look as it is being described; what was chosen earlier and no longer shows may still be in it. */
export interface Look {
  moisture: Moisture;
  mould: MouldSeen;
  sprouted: number;
  care: BagCare[];
  /** Where it stands from now on; empty where it stood. */
  place: string;
  /** What was done with the sprouts; null before anything was chosen. */
  chosen: SproutAction | null;
  placeC: number | null;
}

/** What the look records: only what can be seen in the dialog. */
export function lookPayloads(part: StandingPart, look: Look): EntryPayload[] {
  const care = look.care.filter((c) => fits(c, look.moisture, look.mould));
  const payloads = lookAtBag(
    part,
    {
      moisture: look.moisture,
      mould: look.mould,
      sprouted: look.sprouted,
      // nothing done is said as such: a bag found dry and not wetted stays dry
      care,
      placeC: look.placeC,
    },
    look.chosen ?? "notYet",
    part.sproutsTo,
  );
  return look.sprouted === 0 && look.place
    ? [...payloads, { kind: "moved", part: part.part, place: look.place, some: null }]
    : payloads;
}

/** What the school has done with so many sprouts, by the day that is recorded and not by today. */
export function usualOf(part: StandingPart, sprouted: number, doneOn: Day, today: Day): SproutAction {
  const dayThen = part.day === null ? null : part.day - daysBetween(doneOn, today);
  const reached = dayThen !== null && part.shortestDays !== null && dayThen >= part.shortestDays;
  const sowAllFrom = (reached ? part.sowAllFrom : part.sowAllBefore) ?? 1;
  return sprouted >= sowAllFrom || sprouted === part.seeds - part.sprouted ? "sowAll" : "pickOut";
}
