import { WORDS } from "../../api/words";
import type { Vessel } from "../../api/types";

export const vesselWords = (kind: Vessel["kind"]): string => WORDS.VesselKind[kind];

/** Vessels whose cells are drawn. */
export const hasCells = (kind: Vessel["kind"]): boolean => kind === "tray" || kind === "deepCells";

/** A warning of warmth, with its place and what to do. */
export const warmthWords = (warmth: { words: string; toDo: string | null }): string =>
  `${warmth.words}${warmth.toDo ? ` ${warmth.toDo}` : ""}`;
