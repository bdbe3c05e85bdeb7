import type { Units } from "../../shared/units";
import type { Day } from "../../time/days";

/** What was said in the first hour and is not in the book yet. */
export interface StartDraft {
  name: string;
  /** What was found of it, in words; empty before. */
  town: string;
  latitude: number | null;
  longitude: number | null;
  timeZone: string;
  units: Units;
  lastFrost: Day | null;
  firstFrost: Day | null;
}

const KEPT = "gassel.start";

export const STEPS = ["where", "frost", "places", "next"] as const;

export type Step = (typeof STEPS)[number];

export const stepOf = (said: string | null): Step => STEPS.find((step) => step === said) ?? "where";

/** The step after one; after the last there is none. */
export const after = (step: Step): Step => STEPS[STEPS.indexOf(step) + 1] ?? "next";

/** What was kept on this device of a start that was left; null where nothing was, or it cannot be read. */
export function keptDraft(): StartDraft | null {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? "null") as StartDraft | null;
  } catch {
    return null;
  }
}

export const keepDraft = (draft: StartDraft | null): void =>
  draft === null ? localStorage.removeItem(KEPT) : localStorage.setItem(KEPT, JSON.stringify(draft));
