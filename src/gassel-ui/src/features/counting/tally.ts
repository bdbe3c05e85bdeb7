/** Which of the two numbers the keys go to. */
export type Field = "emerged" | "lost";

/** Two numbers being typed on keys or pad, as text; empty is nothing yet. */
export interface Tally {
  field: Field;
  emerged: string;
  lost: string;
}

export const emptyTally: Tally = { field: "emerged", emerged: "", lost: "" };

const MOST_DIGITS = 6;

export const typeDigit = (tally: Tally, digit: string): Tally => {
  const text = (tally[tally.field] + digit).replace(/^0+(?=\d)/, "");
  return text.length > MOST_DIGITS ? tally : { ...tally, [tally.field]: text };
};

export const rubOut = (tally: Tally): Tally => ({ ...tally, [tally.field]: tally[tally.field].slice(0, -1) });

export const swapField = (tally: Tally): Tally => ({
  ...tally,
  field: tally.field === "emerged" ? "lost" : "emerged",
});

/** What will be recorded; null while nothing is typed. An empty field beside a typed one is none. */
export function reading(tally: Tally): { emerged: number; lost: number } | null {
  if (tally.emerged === "" && tally.lost === "") return null;
  return { emerged: Number(tally.emerged || "0"), lost: Number(tally.lost || "0") };
}
