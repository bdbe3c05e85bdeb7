import type { CountTray, Findable } from "../../api/types";

/** What the code of a label names. */
export interface LabelCode {
  number: number;
  part: string;
}

/**
 * Reads the code of a label, whatever address the book had when it was printed; null for any other code. Labels printed before their
 * codes named the part lead to the first one.
 */
export function readLabelCode(text: string): LabelCode | null {
  const [, number, part] = /^https?:\/\/[^/]+\/[bl]\/(\d{1,9})(?:\/([^/?#]+))?\/?$/.exec(text.trim()) ?? [];
  if (number === undefined) return null;
  return { number: Number(number), part: part === undefined ? "1" : decodeURIComponent(part) };
}

/** The place whose card it is, whatever address the book had when it was printed; null for any other code. */
export function readPlaceCode(text: string): string | null {
  const [, place] = /^https?:\/\/[^/]+\/at\/([^/?#]+)\/?$/.exec(text.trim()) ?? [];
  return place === undefined ? null : decodeURIComponent(place);
}

/** Where a label leads: to the container, to counting where it is sown, else to the page of its batch; null where the book has none. */
export function placeOfCode(
  { number, part }: LabelCode,
  all: readonly Pick<Findable, "id" | "kind" | "title" | "path">[],
  trays: readonly Pick<CountTray, "batchId" | "part">[],
): string | null {
  const batch = all.find((one) => one.kind === "batch" && one.title.startsWith(`B-${number} `));
  if (!batch) return null;
  const id = batch.id.slice("batch-".length);
  const vessel = all.find((one) => one.id === `vessel-${id}-${part}`);
  if (vessel?.path.startsWith("/yard/")) return vessel.path;
  if (trays.some((tray) => tray.batchId === id && tray.part === part)) return `/count/${id}/${part}`;
  return batch.path;
}
