import { WORDS } from "../../api/words";
import type { EntryPayload, LossCause, MixShare, PlantStage, PlantTally } from "../../api/types";
import { countOf } from "../../record/entries";
import { STAGES } from "../../drawings/stages";
import { stageInHand, stagesAfter } from "./plantWords";

export type PlantGesture = "moveOn" | "divide" | "repot" | "thin" | "lost" | "diedBack" | "cameAgain";

export const GESTURE_TITLES: Record<PlantGesture, string> = {
  moveOn: "plants move on",
  divide: "divide clumps",
  repot: "into the next pot",
  thin: "thin to one",
  lost: "plants lost",
  diedBack: "died back for the season: dormant, alive",
  cameAgain: "came up again",
};

/** What is filled in for a gesture. */
export interface PlantMove {
  from: PlantStage;
  to: PlantStage;
  plants: number;
  into: string;
  spacingCm: number | null;
  potCm: number | null;
  cause: LossCause;
  /** What they stand in, part by part; null where nobody says. */
  mix: MixShare[] | null;
}

/** How many are there for a gesture at a stage. */
export function thereAt(tally: PlantTally, gesture: PlantGesture, stage: PlantStage): number {
  const at = tally.stages.find((s) => s.stage === stage);
  return (gesture === "cameAgain" ? at?.dormant : at?.alive) ?? 0;
}

/** The stages on which a gesture can be made. */
export const stagesFor = (tally: PlantTally, gesture: PlantGesture): PlantStage[] =>
  STAGES.filter(
    (stage) =>
      thereAt(tally, gesture, stage) > 0 &&
      (gesture === "thin"
        ? stage === "seedling"
        : gesture === "divide"
          ? stage === "seedling" || stage === "prickedOut" || stage === "potted"
          : gesture === "repot"
            ? stage === "potted"
            : gesture !== "moveOn" || stage !== "planted"),
  );

/** The stage that is most likely meant. */
export function firstStage(tally: PlantTally, gesture: PlantGesture): PlantStage {
  const stages = stagesFor(tally, gesture);
  if (gesture === "moveOn") return stageInHand(tally) ?? "seedling";
  return (gesture === "divide" || gesture === "thin" ? stages[0] : stages.at(-1)) ?? "seedling";
}

/** Where plants can go from a stage: those that are divided stay indoors. */
export const goalsOf = (gesture: PlantGesture, from: PlantStage): PlantStage[] =>
  gesture === "divide"
    ? from === "seedling"
      ? ["prickedOut", "potted"]
      : ["potted"]
    : gesture === "repot"
      ? ["potted"]
      : stagesAfter(from);

/** What a gesture records, and how it is told. */
export function payloadOf(gesture: PlantGesture, part: string, m: PlantMove): [EntryPayload, string] {
  const { from, plants } = m;
  switch (gesture) {
    case "moveOn":
    case "divide":
    case "repot":
      return [
        {
          kind: "movedOn",
          part,
          from,
          to: m.to,
          plants,
          into: m.into.trim() || null,
          spacingCm: m.to === "planted" ? m.spacingCm : null,
          divided: gesture === "divide",
          potCm: m.to === "potted" ? m.potCm : null,
          mix: m.to === "potted" || m.to === "prickedOut" ? m.mix : null,
        },
        gesture === "repot"
          ? `${plants} repotted`
          : `${plants} ${gesture === "divide" ? "divided, " : ""}${WORDS.PlantStage[m.to]}`,
      ];
    case "thin":
      return [countOf(part, 0, plants, { cause: "thinned" }), `${plants} thinned`];
    case "lost":
      // seedlings are lost in a count of their tray
      return [
        from === "seedling"
          ? countOf(part, 0, plants, { cause: m.cause })
          : { kind: "plantsLost", part, stage: from, plants, cause: m.cause },
        `${plants} lost`,
      ];
    case "diedBack":
      return [{ kind: "diedBack", part, stage: from, plants }, `${plants} died back`];
    case "cameAgain":
      return [{ kind: "cameAgain", part, stage: from, plants }, `${plants} came up again`];
  }
}

/** Ending the hardening off: whoever stood in pots is hardened. */
export const hardened = (part: string, tally: PlantTally): EntryPayload[] =>
  tally.stages
    .filter((s) => STAGES.indexOf(s.stage) < STAGES.indexOf("hardened") && s.alive > 0)
    .map((s) => ({
      kind: "movedOn",
      part,
      from: s.stage,
      to: "hardened",
      plants: s.alive,
      into: null,
      spacingCm: null,
      divided: false,
      potCm: null,
      mix: null,
    }));
