import type { PlantStage } from "../api/types";

export const STAGES: readonly PlantStage[] = ["seedling", "prickedOut", "potted", "hardened", "planted"];
