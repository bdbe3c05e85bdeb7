import { scaleLinear } from "d3-scale";

/** A straight scale from data to drawing. */
export const linear = (from: number, to: number, low: number, high: number): ((value: number) => number) =>
  scaleLinear([from, to], [low, high]);

/** The next round number at or above the value. */
export const niceCeiling = (value: number): number =>
  scaleLinear().domain([0, value]).nice(5).domain()[1] ?? value;

/** Round marks from 0, or from below it, to the top, about `most` of them. */
export const ticks = (top: number, most: number, bottom = 0): number[] =>
  scaleLinear().domain([bottom, top]).ticks(most);

/** Lines for words that are centred at places, in order, so that none runs into another; from 0, the first that has room. */
export function linesFor(words: { at: number; width: number }[]): number[] {
  const ends: number[] = [];
  return words.map(({ at, width }) => {
    const free = ends.findIndex((end) => end < at - width / 2);
    const line = free < 0 ? ends.length : free;
    ends[line] = at + width / 2;
    return line;
  });
}
