/** Lines of cells that are typed or pasted. */
export type Line<K extends string> = Record<K, string>;

export interface Column<K extends string> {
  id: K;
  words: string;
  /** What a cell may hold, shown in the first line. */
  helper: string;
}

const isEmpty = (line: Record<string, string>): boolean => Object.values(line).every((c) => c.trim() === "");

/** The lines that say something, with their place in the grid. */
export const filled = <L extends Record<string, string>>(lines: L[]): { line: L; at: number }[] =>
  lines.map((line, at) => ({ line, at })).filter(({ line }) => !isEmpty(line));

/** The grid with lines put in from a place on, and always an empty one at its end. */
export function pasted<L extends Record<string, string>>(lines: L[], at: number, more: L[], empty: L): L[] {
  const kept = [...lines.slice(0, at), ...more, ...lines.slice(at + more.length)].filter((l) => !isEmpty(l));
  return [...kept, empty];
}

/** Whether a text is more than one cell: then it goes into the grid and not into the cell. */
export const isTable = (text: string): boolean => /[\t\n]/.test(text.trim());
