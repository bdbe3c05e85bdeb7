import { WORDS } from "../api/words";
import type { StepKind } from "../api/types";

/** Textures that tell steps apart without colour. */
export type Texture =
  "dry" | "scarify" | "soak" | "warm" | "cold" | "germinate" | "grow" | "vernal" | "harden";

const TEXTURES: Record<StepKind, Texture> = {
  dryStore: "dry",
  afterRipen: "dry",
  coldDry: "dry",
  scarify: "scarify",
  soak: "soak",
  leach: "soak",
  imbibe: "soak",
  smokeWater: "soak",
  gibberellicAcid: "soak",
  warmMoist: "warm",
  coldMoist: "cold",
  seedVernalization: "vernal",
  germinate: "germinate",
  growOn: "grow",
  dormantSeason: "dry",
  plantVernalization: "vernal",
  hardenOff: "harden",
};

export const textureOf = (kind: StepKind): Texture => TEXTURES[kind];
export const stepWords = (kind: StepKind): string => WORDS.StepKind[kind];

export const textureFill = (kind: StepKind): string => `url(#texture-${textureOf(kind)})`;
