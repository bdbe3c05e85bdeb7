import type { ToldLine } from "../../api/types";

export const COLUMNS = [
  { id: "species", words: "species", helper: "small camas" },
  { id: "lot", words: "lot", helper: "number or place" },
  { id: "step", words: "step", helper: "cold-moist" },
  { id: "since", words: "since", helper: "12 Jan 2027" },
  { id: "seeds", words: "seeds", helper: "80" },
  { id: "place", words: "place", helper: "as usual" },
  { id: "route", words: "route", helper: "as usual" },
  { id: "vessel", words: "vessel", helper: "bag, jug, tray" },
  { id: "cells", words: "cells", helper: "72" },
] as const satisfies readonly { id: keyof ToldLine; words: string; helper: string }[];

export const EMPTY: ToldLine = {
  species: "",
  lot: "",
  step: "",
  since: "",
  seeds: "",
  place: "",
  route: "",
  vessel: "",
  cells: "",
};

export const isEmpty = (line: ToldLine): boolean => COLUMNS.every((c) => line[c.id].trim() === "");

/** The lines that say something, with their place in the grid. */
export const filled = (lines: ToldLine[]): { line: ToldLine; at: number }[] =>
  lines.map((line, at) => ({ line, at })).filter(({ line }) => !isEmpty(line));

/** The grid with lines put in from a place on, and always an empty one at its end. */
export function pasted(lines: ToldLine[], at: number, more: ToldLine[]): ToldLine[] {
  const kept = [...lines.slice(0, at), ...more, ...lines.slice(at + more.length)].filter((l) => !isEmpty(l));
  return [...kept, EMPTY];
}

/** Whether a text is more than one cell: then it goes into the grid and not into the cell. */
export const isTable = (text: string): boolean => /[\t\n]/.test(text.trim());
