import type { EntryPayload, PlantStage, StandingDue, StandingPart } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { allWell, lookAtBag, usualStart } from "../../record/entries";
import type { PlantGesture } from "../plants/plantGesture";
import { symptomSeen } from "../symptoms/symptoms";
import { endOf } from "./endOf";

/** Where numbers are asked for, what can be done, the likely thing first. */
export const GESTURES: Partial<Record<StandingDue["due"]["kind"], [PlantGesture, string][]>> = {
  prickOut: [
    ["moveOn", "Prick out…"],
    ["divide", "Divide…"],
    ["thin", "Thin…"],
  ],
  thin: [["thin", "Thin…"]],
  plantOut: [["moveOn", "Plant…"]],
  repot: [["repot", "Repot…"]],
  lookForReturn: [
    ["cameAgain", "Came up again…"],
    ["lost", "Lost…"],
  ],
};

/** Clumps that the plan wants are divided before anything else. */
export const gesturesOf = (
  part: StandingPart,
  kind: StandingDue["due"]["kind"],
): [PlantGesture, string][] => {
  const all = GESTURES[kind] ?? [];
  return part.clump && kind === "prickOut"
    ? [...all].sort((a, b) => Number(b[0] === "divide") - Number(a[0] === "divide"))
    : all;
};

/** The stage that is meant; where several may be, the likely one is chosen. */
export const atStage = (kind: StandingDue["due"]["kind"]): { at?: PlantStage } =>
  kind === "plantOut"
    ? { at: "hardened" }
    : kind === "repot"
      ? { at: "potted" }
      : kind === "lookForReturn"
        ? {}
        : { at: "seedling" };

/** The usual outcome of what is due: its button, what it records, and how it is told. */
export interface Usual {
  button: string;
  payloads: () => EntryPayload[];
  told: string;
}

export function usual(part: StandingPart, item: StandingDue, placeC: number | null): Usual | null {
  // a container is made ready at its own list
  if (item.setsOut) return null;
  switch (item.due.kind) {
    case "checkBag":
      return {
        button: "All well",
        payloads: () => lookAtBag(part, { ...allWell, placeC }, "pickOut", null),
        told: "all well",
      };
    case "changeWater":
      return {
        button: "Changed",
        payloads: () => [{ kind: "waterChanged", part: part.part }],
        told: "water changed",
      };
    case "endSecondCold":
      return {
        button: "Taken out",
        payloads: () => [{ kind: "coldAgainEnded", part: part.part, place: item.toPlace }],
        told: "out of its second cold",
      };
    case "takeDomeOff":
      return {
        button: "Dome off",
        payloads: () => [{ kind: "domeOff", part: part.part }],
        told: "dome off",
      };
    case "scarifyAgain":
      return { button: "Scarified", payloads: () => usualStart(item, part), told: "scarified again" };
    case "sow":
      return { button: "Sown", payloads: () => usualStart(item, part), told: "sown" };
    case "startStep":
      return {
        button: "Started",
        payloads: () => usualStart(item, part),
        told: `${stepWords(item.stepKind)} started`,
      };
    case "endStep":
      return { button: "Ended", payloads: () => endOf(item, part), told: "ended" };
    case "lookForTrueLeaves":
      return {
        button: "They are out",
        payloads: () => [{ kind: "trueLeaves", part: part.part }],
        told: "first true leaves",
      };
    case "feed":
      return {
        button: "Fed",
        payloads: () => [{ kind: "tended", part: part.part, what: "fed" }],
        told: "fed",
      };
    case "strawMostOff":
      return {
        button: "Took it off",
        payloads: () => [{ kind: "tended", part: part.part, what: "mulchMostOff" }],
        told: "three quarters of the straw off",
      };
    case "strawRestOff":
      return {
        button: "Took it off",
        payloads: () => [{ kind: "tended", part: part.part, what: "mulchRestOff" }],
        told: "the rest of the straw off",
      };
    case "carryOut":
      return {
        button: "Was out",
        payloads: () => [{ kind: "carriedOut", part: part.part, hours: null }],
        told: "out for the day",
      };
    case "winterLook":
      return {
        button: "Looked over",
        payloads: () => [{ kind: "tended", part: part.part, what: "winterLooked" }],
        told: "looked over",
      };
    case "endWinter":
      return {
        button: "Winter is over",
        payloads: () => [{ kind: "winterEnded", part: part.part }],
        told: "through the winter",
      };
    case "lookAgain":
      return {
        button: "Gone",
        payloads: () => part.symptoms.map((tale) => symptomSeen(part.part, tale.what, "gone")),
        told: "looked again, gone",
      };
    case "lookForSwelling":
    case "takeHeight":
    case "repot":
    case "countSeedlings":
    case "prickOut":
    case "thin":
    case "plantOut":
    case "lookForReturn":
      return null;
  }
}
