import { WORDS } from "../api/words";
import type { PlantStage } from "../api/types";

/** How plants of a stage are told: seedlings are up. */
export const stageWords = (stage: PlantStage): string =>
  stage === "seedling" ? "up" : WORDS.PlantStage[stage];

/** In the order in which plants come to them. */
export const STAGES = Object.keys(WORDS.PlantStage) as readonly PlantStage[];
