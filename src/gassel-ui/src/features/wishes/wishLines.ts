import type { WishLine } from "../../api/types";
import type { Column } from "../../shared/lines";

export const COLUMNS = [
  { id: "species", words: "species", helper: "blue flax" },
  { id: "plants", words: "plants", helper: "30" },
  { id: "when", words: "when", helper: "last frost" },
  { id: "lot", words: "lot", helper: "3, gather, buy" },
  { id: "for", words: "for", helper: "who" },
  { id: "priority", words: "priority", helper: "1 to 3" },
  { id: "area", words: "or area", helper: "of a bed" },
  { id: "spacing", words: "spacing", helper: "between plants" },
  { id: "route", words: "route", helper: "as suits best" },
] as const satisfies readonly Column<keyof WishLine>[];

export const EMPTY: WishLine = {
  species: "",
  plants: "",
  when: "",
  lot: "",
  for: "",
  priority: "",
  area: "",
  spacing: "",
  route: "",
};
