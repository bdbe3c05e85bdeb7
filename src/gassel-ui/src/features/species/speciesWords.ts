import { WORDS } from "../../api/words";
import type { SpeciesView } from "../../api/types";
import { several } from "../../shared/numbers";
import { capital } from "../../shared/words";
import { length } from "../../shared/units";
import type { Units } from "../../shared/units";

type Species = SpeciesView["species"];

export const classWords = (species: Species): string =>
  capital(WORDS.DormancyClass[species.dormancyClass]) +
  (species.depth ? `, ${WORDS.DormancyDepth[species.depth]}` : "");

export function depthWords(depth: SpeciesView["depth"]["depth"], units: Units): string {
  if (!depth) return "depth unknown";
  const { lowMm, highMm } = depth;
  if (highMm === 0) return "on the surface, pressed in";
  if (lowMm === 0) return `at most ${length(highMm, units)} deep`;
  return lowMm === highMm
    ? `${length(lowMm, units)} deep`
    : `${length(lowMm, units)} to ${length(highMm, units)} deep`;
}

/** `60, usually 84, at most 112 days`. */
export function durationWords({
  shortest,
  usual,
  longest,
}: Species["routes"][number]["steps"][number]["days"]): string {
  if (longest === 0) return "within the hour";
  if (shortest === longest) return shortest === 1 ? "1 day" : `${shortest} days`;
  if (usual >= 400) return `usually ${inYears(usual)} years (${inYears(shortest)} to ${inYears(longest)})`;
  return `usually ${several(usual, "day")} (${shortest} to ${longest})`;
}

const inYears = (days: number): string => String(Math.round((days / 365) * 10) / 10);
