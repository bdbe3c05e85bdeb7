import type { Units } from "./units";

/** A word of the vocabulary; two where an amount is part of it. */
export type Word = string | { metric: string; unitedStates: string };

/** The word in the units of the site. */
export const said = (word: Word, units: Units): string => (typeof word === "string" ? word : word[units]);

/** A table of the vocabulary in the units of the site, with its keys kept as what they are. */
export const inUnits = <T extends string>(table: Record<T, Word>, units: Units): Record<T, string> =>
  Object.fromEntries(Object.entries<Word>(table).map(([key, word]) => [key, said(word, units)])) as Record<
    T,
    string
  >;

/** With its first letter in upper case. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
