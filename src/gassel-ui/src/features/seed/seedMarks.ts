import type { SeedPhotoView } from "../../api/types";

/** A mark on a seed, or on a clump of several. */
export interface SeedMark {
  x: number;
  y: number;
  seeds: number;
  /** Put there by hand. */
  isOwn: boolean;
}

export const marksOf = (view: SeedPhotoView): SeedMark[] =>
  view.seen.seeds.map(({ x, y, seeds }) => ({ x, y, seeds, isOwn: false }));

export const seedsOf = (marks: SeedMark[]): number => marks.reduce((sum, mark) => sum + mark.seeds, 0);

/**
 * A tap: on a mark takes it away, elsewhere puts a seed there.
 * @param reach So near to its middle a tap is meant for a mark, in pixels of the picture.
 */
export function tapped(marks: SeedMark[], x: number, y: number, reach: number): SeedMark[] {
  const far = (mark: SeedMark) => Math.hypot(mark.x - x, mark.y - y);
  const nearest = marks.reduce<SeedMark | null>(
    (best, mark) => (best === null || far(mark) < far(best) ? mark : best),
    null,
  );
  return nearest !== null && far(nearest) <= reach
    ? marks.filter((mark) => mark !== nearest)
    : [...marks, { x, y, seeds: 1, isOwn: true }];
}
