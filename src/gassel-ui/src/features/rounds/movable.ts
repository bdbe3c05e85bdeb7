import type { StandingPart } from "../../api/types";
import type { Movable } from "../places/move";

/** A part that stands at a place, as it is moved from there. */
export const movable = (part: StandingPart, place: string): Movable => ({
  ...part,
  place,
  label: part.vessel?.label ?? null,
});
