import type { SpeciesView } from "../../api/types";
import { several } from "../../shared/numbers";

type Species = SpeciesView["species"];

const CLASSES: Record<Species["dormancyClass"], string> = {
  none: "No dormancy",
  physiological: "Physiological dormancy",
  morphological: "Morphological dormancy",
  morphophysiological: "Morphophysiological dormancy",
  physical: "Physical dormancy",
  combinational: "Combinational dormancy",
};

const DEPTHS = { nonDeep: "non-deep", intermediate: "intermediate", deep: "deep" } as const;

const FLAGS: Record<Species["flags"][number], string> = {
  inhibitorToLeach: "holds an inhibitor in its coat that must be leached",
  restrictingHull: "is held back by a tight hull",
  rootBeforeShoot: "roots one season, shoots the next",
  germinatesInCold: "sprouts in the cold, so the bag is watched",
  afterRipensDry: "ripens further in dry storage",
  slimyWhenWet: "turns slimy when wet",
  doNotDry: "must not dry",
  needsLight: "needs light",
  dustFine: "is dust-fine",
  tapRooted: "makes a tap root",
};

export const classWords = (species: Species): string =>
  CLASSES[species.dormancyClass] + (species.depth ? `, ${DEPTHS[species.depth]}` : "");

const HARDINESS: Record<Species["hardiness"], string> = {
  snowMelt: "come up at snow-melt and stand −6 °C",
  hardy: "stand −4 °C",
  halfHardy: "stand −2 °C",
  tender: "stand no frost",
};

/** As in "Seedlings stand −4 °C". */
export const hardinessWords = (hardiness: Species["hardiness"]): string => HARDINESS[hardiness];

export const flagWords = (flag: Species["flags"][number]): string => FLAGS[flag];

export function depthWords({ lowMm, highMm }: Species["sowingDepth"]): string {
  if (highMm === 0) return "on the surface, pressed in";
  return lowMm === highMm ? `${lowMm} mm deep` : `${lowMm}–${highMm} mm deep`;
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

/** `20–25 °C`, kept on one line. */
export const bandWords = ({ lowC, highC }: { lowC: number; highC: number }): string =>
  `${lowC}–\u2060${highC}\u00a0°C`;

const inYears = (days: number): string => String(Math.round((days / 365) * 10) / 10);
