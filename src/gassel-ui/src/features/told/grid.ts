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
