import type { LossCause, SowCover, Vessel } from "../../api/types";

const VESSEL_WORDS: Record<Vessel["kind"], string> = {
  bag: "bag",
  jar: "jar",
  tray: "tray",
  pot: "pot",
  container: "container",
  deepCells: "deep cells",
  flat: "flat",
};

export const vesselWords = (kind: Vessel["kind"]): string => VESSEL_WORDS[kind];

export const COVER_WORDS: Record<SowCover, string> = {
  surface: "on the surface, pressed in",
  mix: "under mix",
  grit: "under coarse grit",
};

export const CAUSE_WORDS: Record<LossCause, string> = {
  unknown: "unknown",
  dampingOff: "damping off",
  dried: "dried",
  eaten: "eaten",
  frost: "frost",
  slugs: "slugs",
  mice: "mice",
  birds: "birds",
  thinned: "thinned",
  overgrown: "overgrown",
  heat: "heat",
};

/** Vessels whose cells are drawn. */
export const hasCells = (kind: Vessel["kind"]): boolean => kind === "tray" || kind === "deepCells";

/** A warning of warmth, with its place and what to do. */
export const warmthWords = (warmth: { words: string; toDo: string | null }): string =>
  `${warmth.words}${warmth.toDo ? ` ${warmth.toDo}` : ""}`;
