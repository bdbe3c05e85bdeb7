import { WORDS } from "../api/words";
import type { PlantStage } from "../api/types";

/** In the order in which plants come to them. */
export const STAGES = Object.keys(WORDS.PlantStage) as readonly PlantStage[];
