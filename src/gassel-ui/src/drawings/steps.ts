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

const WORDS: Record<StepKind, string> = {
  dryStore: "dry store",
  scarify: "scarify",
  soak: "soak",
  leach: "leach",
  imbibe: "imbibe",
  afterRipen: "after-ripen",
  warmMoist: "warm-moist",
  coldMoist: "cold-moist",
  coldDry: "cold-dry",
  smokeWater: "smoke water",
  gibberellicAcid: "gibberellic acid",
  seedVernalization: "seed vernalization",
  germinate: "germinate",
  growOn: "grow on",
  dormantSeason: "dormant season",
  plantVernalization: "plant vernalization",
  hardenOff: "harden off",
};

export const textureOf = (kind: StepKind): Texture => TEXTURES[kind];
export const stepWords = (kind: StepKind): string => WORDS[kind];
const VERBS: ReadonlySet<StepKind> = new Set([
  "scarify",
  "soak",
  "leach",
  "imbibe",
  "germinate",
  "growOn",
  "hardenOff",
]);

/** As an order: "scarify", but "start cold-moist". */
export const startWords = (kind: StepKind): string =>
  VERBS.has(kind) ? WORDS[kind] : `start ${WORDS[kind]}`;

export const textureFill = (kind: StepKind): string => `url(#texture-${textureOf(kind)})`;
