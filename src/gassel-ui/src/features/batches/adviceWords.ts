import type { GerminationResult } from "../../api/types";

type Advice = NonNullable<GerminationResult["advice"]>;

const WORDS: Record<Advice["kind"], string> = {
  wait: "Wait.",
  enough: "This is done; use the space for something else.",
  secondCold: "Little more will come now; a second cold may bring the rest.",
  keepToNextSpring: "Finished for this spring; keep it for the next.",
  close: "Little more will come; it can be closed.",
  countFirst: "Count this sowing first: the last count is a while ago.",
};

/** The stopping rule in a grower's words, with what the next two weeks may still bring. */
export function adviceWords(advice: Advice): string {
  const first = advice.cutTestFirst ? " Cut a few seeds first: full and firm means alive." : "";
  if (!advice.remaining) return WORDS[advice.kind] + first;
  // what remains rests on counts; after a long gap they say nothing of today
  if (advice.kind === "countFirst") return WORDS[advice.kind];
  const { expected, probabilityOfAny, low, high } = advice.remaining;
  const number =
    expected < 0.95
      ? probabilityOfAny < 0.05
        ? "hardly any"
        : "perhaps one"
      : low != null && high != null && high > low
        ? `about ${Math.round(expected)} (${low} to ${high})`
        : `about ${Math.round(expected)}`;
  return `${WORDS[advice.kind]} Next two weeks: ${number} more${first}`
    .replace(/more$/, "more.")
    .replace("more Cut", "more. Cut");
}
