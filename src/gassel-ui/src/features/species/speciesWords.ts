import type { SpeciesView } from "../../api/types";
import { several } from "../../shared/numbers";
import { degrees, length } from "../../shared/units";
import type { Units } from "../../shared/units";

type Species = SpeciesView["species"];

export const CLASSES: Record<Species["dormancyClass"], string> = {
  none: "No dormancy",
  physiological: "Physiological dormancy",
  morphological: "Morphological dormancy",
  morphophysiological: "Morphophysiological dormancy",
  physical: "Physical dormancy",
  combinational: "Combinational dormancy",
};

export const DEPTHS = { nonDeep: "non-deep", intermediate: "intermediate", deep: "deep" } as const;

export const FLAG_WORDS: Record<Species["flags"][number], string> = {
  inhibitorToLeach: "inhibitor to leach",
  restrictingHull: "tight hull",
  rootBeforeShoot: "root before shoot",
  germinatesInCold: "germinates in the cold",
  afterRipensDry: "after-ripens dry",
  slimyWhenWet: "slimy when wet",
  doNotDry: "do not dry",
  needsLight: "needs light",
  dustFine: "dust-fine",
  tapRooted: "tap root",
  needsDark: "needs dark",
};

export const classWords = (species: Species): string =>
  CLASSES[species.dormancyClass] + (species.depth ? `, ${DEPTHS[species.depth]}` : "");

const STANDS_C: Record<Species["hardiness"], number> = { snowMelt: -6, hardy: -4, halfHardy: -2, tender: 0 };

/** As in "Seedlings stand −4 °C". */
export const hardinessWords = (hardiness: Species["hardiness"], units: Units): string =>
  hardiness === "tender"
    ? "stand no frost"
    : `${hardiness === "snowMelt" ? "come up at snow-melt and " : ""}stand ${degrees(STANDS_C[hardiness], units)}`;

export const LONGEVITY_WORDS: Record<Species["longevity"], string> = {
  short: "short-lived: half dies in a year",
  medium: "medium: half dies in 3 years",
  long: "long: half dies in 8 years",
  hardCoated: "hard-coated: half dies in 20 years",
};

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
