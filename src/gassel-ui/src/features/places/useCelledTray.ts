import { useCountTrays } from "../../book/queries";
import type { CelledTray, Movable } from "./move";

/** The part as a tray in cells, as it is known for counting; null where it is none, or has only one cell. */
export function useCelledTray(part: Movable | null): CelledTray | null {
  const { data } = useCountTrays();
  const tray = data?.trays.find((t) => t.batchId === part?.batchId && t.part === part.part);
  if (!tray?.grid) return null;
  const own = tray.cells ?? Array.from({ length: tray.grid.cells }, (_, i) => i + 1);
  return own.length < 2
    ? null
    : {
        grid: tray.grid,
        own,
        byCell: tray.byCell.map(({ cell = 0, standing = 0, waiting = null }) => ({
          cell,
          standing,
          waiting,
        })),
        seedsPerCell: tray.seedsPerCell,
        isByCell: tray.isByCell,
      };
}
