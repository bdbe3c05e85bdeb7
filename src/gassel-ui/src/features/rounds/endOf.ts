import type { EntryPayload, StandingDue, StandingPart } from "../../api/types";
import { hardened } from "../plants/plantGesture";

/** Ending a step; the last day of hardening off leaves its plants hardened. */
export const endOf = (item: StandingDue, part: StandingPart): EntryPayload[] => [
  { kind: "stepEnded", part: part.part, step: item.due.step },
  ...(item.stepKind === "hardenOff" && part.plants ? hardened(part.part, part.plants) : []),
];
