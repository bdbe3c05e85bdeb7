import type { PlantStage } from "../api/types";

export const STAGES: readonly PlantStage[] = ["seedling", "prickedOut", "potted", "hardened", "planted"];

export const STAGE_WORDS: Record<PlantStage, string> = {
  seedling: "seedlings",
  prickedOut: "pricked out",
  potted: "potted",
  hardened: "hardened",
  planted: "planted",
};
