/** Cells of a tray, numbered from 1, row by row from the upper left. */

/** Cells in a row of a usual tray; the same rule as in the core. */
export function usualColumns(cells: number): number {
  if (cells === 36) return 9;
  if (cells === 48) return 8;
  if (cells === 72) return 12;
  return Math.max(1, Math.ceil(Math.sqrt(2 * cells)));
}

/** The first so many of the cells that are free. */
export const firstCells = (free: number[], count: number): number[] => free.slice(0, count);

export const toggled = (cells: number[], cell: number): number[] =>
  cells.includes(cell) ? cells.filter((c) => c !== cell) : [...cells, cell].sort((a, b) => a - b);

/** Where an arrow leads from a cell; it stays at the edge. */
export function neighbour(
  cell: number,
  arrow: string,
  { columns, cells }: { columns: number; cells: number },
): number {
  const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -columns, ArrowDown: columns }[arrow] ?? 0;
  const next = cell + step;
  return next < 1 || next > cells ? cell : next;
}

/** Cells in words: "1–12, 25". */
export function cellWords(cells: number[]): string {
  const runs: [number, number][] = [];
  for (const cell of cells) {
    const last = runs.at(-1);
    if (last && last[1] === cell - 1) last[1] = cell;
    else runs.push([cell, cell]);
  }
  return runs.map(([from, to]) => (from === to ? String(from) : `${from}–${to}`)).join(", ");
}

/** Where so many to a cell and so many cells are not the seed at hand, the question to ask; null where they fit, or nobody said. */
export function cellsMismatch(
  seeds: number | null,
  perCell: number | null,
  cells: number | null,
): string | null {
  if (seeds === null || perCell === null || cells === null || cells === 0) return null;
  const room = perCell * cells;
  // a last cell may hold fewer, and a tray may stay in part empty
  if (seeds > room)
    return `${cells} cells × ${perCell} hold ${room} seeds, but ${seeds} are sown. Are more cells filled, or more seeds to a cell?`;
  if (seeds <= room - perCell * Math.max(1, Math.floor(cells * 0.1)))
    return (
      `${seeds} seeds fill ${Math.ceil(seeds / perCell)} of ${cells} cells ` +
      `at ${perCell} to a cell. Choose the cells, or the seeds to a cell.`
    );
  return null;
}
