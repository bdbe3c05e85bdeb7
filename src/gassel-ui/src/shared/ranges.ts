/** Numbers in order, neighbours drawn together: 1-3,7. Short enough for an address. */
export function writeRanges(numbers: Iterable<number>): string {
  const sorted = [...new Set(numbers)].sort((a, b) => a - b);
  const ranges: [number, number][] = [];
  for (const number of sorted) {
    const last = ranges.at(-1);
    if (last && last[1] === number - 1) last[1] = number;
    else ranges.push([number, number]);
  }
  return ranges.map(([a, b]) => (a === b ? String(a) : `${a}-${b}`)).join(",");
}

/** More than any book has; a longer range is a slip. */
const MOST = 100_000;

/** The numbers of such a text; what is no number or range is left out. */
export function readRanges(text: string): number[] {
  return text.split(",").flatMap((piece) => {
    const [, first, last] = /^\s*(\d{1,9})(?:-(\d{1,9}))?\s*$/.exec(piece) ?? [];
    if (first === undefined) return [];
    const [from, to] = [Number(first), Number(last ?? first)];
    return to - from > MOST ? [] : Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
  });
}
