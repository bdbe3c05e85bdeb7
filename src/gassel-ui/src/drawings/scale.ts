/** A straight scale from data to drawing. */
export const linear =
  (from: number, to: number, low: number, high: number) =>
  (value: number): number =>
    low + ((value - from) / (to - from)) * (high - low);

const step = (rough: number): number => {
  const size = 10 ** Math.floor(Math.log10(rough));
  const lead = rough / size;
  return (lead <= 1 ? 1 : lead <= 2 ? 2 : lead <= 5 ? 5 : 10) * size;
};

/** The next round number at or above the value. */
export function niceCeiling(value: number): number {
  const size = step(value / 5);
  return Math.ceil(value / size - 1e-9) * size;
}

/** Round marks from 0 to the top, at most `most` + 1 of them. */
export function ticks(top: number, most: number): number[] {
  const size = step(top / most);
  return Array.from({ length: Math.floor(top / size + 1e-9) + 1 }, (_, i) =>
    Number((i * size).toPrecision(12)),
  );
}

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
