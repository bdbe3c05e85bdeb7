import type { Appetite, LeaveClock, SpeciesEdit, SpeciesView } from "../../api/types";

type Species = SpeciesView["species"];

/** Numbers of a species as they stand in its form; null for an empty field. */
export interface SpeciesNumbers {
  lowC: number | null;
  highC: number | null;
  nightLowC: number | null;
  nightHighC: number | null;
  depthLowMm: number | null;
  depthHighMm: number | null;
  widthMm: number | null;
  thicknessMm: number | null;
  noneBelowC: number | null;
  fullFromC: number | null;
  fullToC: number | null;
  noneAboveC: number | null;
  leaveHeightCm: number | null;
  spacingCm: number | null;
}

/** How its seedlings grow on; null for what most kinds do. */
export interface Grows {
  leaves: LeaveClock | null;
  fromWeeks: number | null;
  toWeeks: number | null;
  appetite: Appetite | null;
  repotWeeks: number | null;
}

/** @param measuredMm Width of its seed from a photo; null for none. */
export const numbersOf = (species: Species | null, measuredMm: number | null): SpeciesNumbers => ({
  lowC: species?.germination.lowC ?? null,
  highC: species?.germination.highC ?? null,
  nightLowC: species?.nightC?.lowC ?? null,
  nightHighC: species?.nightC?.highC ?? null,
  depthLowMm: species?.sowingDepth?.lowMm ?? null,
  depthHighMm: species?.sowingDepth?.highMm ?? null,
  widthMm: measuredMm ?? species?.seedSize?.widthMm ?? null,
  thicknessMm: species?.seedSize?.thicknessMm ?? null,
  noneBelowC: species?.coldResponse?.noneBelowC ?? null,
  fullFromC: species?.coldResponse?.fullFromC ?? null,
  fullToC: species?.coldResponse?.fullToC ?? null,
  noneAboveC: species?.coldResponse?.noneAboveC ?? null,
  spacingCm: species?.planted?.spacingCm ?? null,
  leaveHeightCm: species?.growing?.leaveHeightMm ? species.growing.leaveHeightMm / 10 : null,
});

export const growsOf = (species: Species | null): Grows => ({
  leaves: species?.growing?.leaves ?? null,
  fromWeeks: species?.growing?.leaveFromWeeks ?? null,
  toWeeks: species?.growing?.leaveToWeeks ?? null,
  appetite: species?.growing?.appetite ?? null,
  repotWeeks: species?.growing?.repotWeeks ?? null,
});

/** What belongs together: all of it or none. */
const TOGETHER: readonly (readonly [string, readonly (keyof SpeciesNumbers)[]])[] = [
  ["the two temperatures by night", ["nightLowC", "nightHighC"]],
  ["the two sowing depths", ["depthLowMm", "depthHighMm"]],
  ["width and thickness of the seed", ["widthMm", "thicknessMm"]],
  ["the four temperatures of the cold", ["noneBelowC", "fullFromC", "fullToC", "noneAboveC"]],
];

/** What of it was said by half, so that nothing of it could be kept. */
export const halfSaid = (numbers: SpeciesNumbers): string[] =>
  TOGETHER.filter(([, keys]) => {
    const empty = keys.filter((key) => numbers[key] === null).length;
    return empty > 0 && empty < keys.length;
  }).map(([words]) => words);

const pair = <T>(a: number | null, b: number | null, make: (a: number, b: number) => T): T | null =>
  a === null || b === null ? null : make(a, b);

export const germinationOf = ({ lowC, highC }: SpeciesNumbers): SpeciesEdit["germination"] | null =>
  pair(lowC, highC, (low, high) => ({ lowC: low, highC: high }));

/** The numbers as they are sent. */
export function numbersToSend(
  n: SpeciesNumbers,
  grows: Grows,
): Pick<SpeciesEdit, "nightC" | "sowingDepth" | "seedSize" | "growing" | "coldResponse"> {
  const { noneBelowC, fullFromC, fullToC, noneAboveC } = n;
  return {
    nightC: pair(n.nightLowC, n.nightHighC, (lowC, highC) => ({ lowC, highC })),
    sowingDepth: pair(n.depthLowMm, n.depthHighMm, (lowMm, highMm) => ({ lowMm, highMm })),
    seedSize: pair(n.widthMm, n.thicknessMm, (widthMm, thicknessMm) => ({ widthMm, thicknessMm })),
    growing: {
      leaves: grows.leaves,
      leaveHeightMm: grows.leaves === "height" && n.leaveHeightCm !== null ? 10 * n.leaveHeightCm : null,
      leaveFromWeeks: grows.leaves === "weeks" ? grows.fromWeeks : null,
      leaveToWeeks: grows.leaves === "weeks" ? grows.toWeeks : null,
      appetite: grows.appetite,
      repotWeeks: grows.repotWeeks,
    } as SpeciesEdit["growing"],
    coldResponse:
      noneBelowC === null || fullFromC === null || fullToC === null || noneAboveC === null
        ? null
        : ({ noneBelowC, fullFromC, fullToC, noneAboveC } as SpeciesEdit["coldResponse"]),
  };
}
