import type { SpeciesView } from "../../api/types";

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
  inhibitorToLeach: "the coat holds an inhibitor that must be leached",
  restrictingHull: "a tight hull holds it back",
  rootBeforeShoot: "roots one season, shoots the next",
  germinatesInCold: "sprouts in the cold, so the bag is watched",
  afterRipensDry: "ripens further in dry storage",
  slimyWhenWet: "slimy when wet",
  doNotDry: "must not dry",
  needsLight: "needs light",
  dustFine: "dust-fine",
  tapRooted: "tap-rooted",
};

export const classWords = (species: Species): string =>
  CLASSES[species.dormancyClass] + (species.depth ? `, ${DEPTHS[species.depth]}` : "");

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
  return `usually ${usual} days (${shortest} to ${longest})`;
}

/** `20–25 °C`, kept on one line. */
export const bandWords = ({ lowC, highC }: { lowC: number; highC: number }): string =>
  `${lowC}–\u2060${highC}\u00a0°C`;
