import type { BatchQuestion } from "../../api/types";

/** By what batches can be asked for, as it stands in the address; what the server would not know is for the server to refuse. */
export const ASKED_BY = ["text", "state", "species", "place", "season", "trouble", "order"] as const;

export type AskedBy = (typeof ASKED_BY)[number];

/** Something other than the order is asked. */
export const isChosen = (asked: BatchQuestion): boolean =>
  ASKED_BY.some((by) => by !== "order" && asked[by] !== undefined);

/** The pages on which the rows from one to another stand, by their first rows. */
export const pagesOf = (first: number, last: number, size: number): number[] => {
  const begin = Math.floor(first / size);
  return Array.from({ length: Math.floor(last / size) - begin + 1 }, (_, i) => (begin + i) * size);
};
