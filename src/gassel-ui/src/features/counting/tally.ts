import type { Count, CountTray, EntryPayload, LossCause } from "../../api/types";
import type { BatchPayloads } from "../../record/RecordProvider";
import { countOf } from "../../record/entries";
import { neighbour } from "../sowing/cells";

/** Which of the numbers the keys go to. */
export type Field = "emerged" | "lost" | "rooted";

/** What one number is counted of: the whole tray, a row of cells, a cell. */
export type Scope = "tray" | "row" | "cell";

/** Numbers being typed, as text; empty is nothing yet. */
export type Numbers = Record<Field, string>;

/** What is typed so far. */
export interface Tally {
  scope: Scope;
  field: Field;
  /** The row or cell that the keys go to, from 1; 0 for the tray. */
  at: number;
  typed: Record<number, Numbers>;
}

const nothing: Numbers = { emerged: "", lost: "", rooted: "" };

const MOST_DIGITS = 6;

export const startTally = (scope: Scope): Tally => ({
  scope,
  field: "emerged",
  at: scope === "tray" ? 0 : 1,
  typed: {},
});

export const typedAt = (tally: Tally, at: number = tally.at): Numbers => tally.typed[at] ?? nothing;

const put = (tally: Tally, text: string, at: number = tally.at): Tally => ({
  ...tally,
  at,
  typed: { ...tally.typed, [at]: { ...typedAt(tally, at), [tally.field]: text } },
});

export function typeDigit(tally: Tally, digit: string): Tally {
  const text = (typedAt(tally)[tally.field] + digit).replace(/^0+(?=\d)/, "");
  return text.length > MOST_DIGITS ? tally : put(tally, text);
}

export const rubOut = (tally: Tally): Tally => put(tally, typedAt(tally)[tally.field].slice(0, -1));

/** One more where the finger is. */
export const touch = (tally: Tally, cell: number): Tally =>
  put(tally, String(Number(typedAt(tally, cell)[tally.field] || "0") + 1), cell);

export const swapField = (tally: Tally): Tally => ({
  ...tally,
  field: tally.field === "emerged" ? "lost" : "emerged",
});

/** Where the arrows lead: over the cells, or from row to row. */
export function move(tally: Tally, arrow: string, grid: { columns: number; cells: number }): Tally {
  if (tally.scope === "cell") return { ...tally, at: neighbour(tally.at, arrow, grid) };
  if (tally.scope === "tray") return tally;
  const rows = Math.ceil(grid.cells / grid.columns);
  const step = { ArrowUp: -1, ArrowDown: 1 }[arrow] ?? 0;
  return { ...tally, at: Math.min(rows, Math.max(1, tally.at + step)) };
}

/** The sum of what is typed; null while nothing is. */
export function reading(tally: Tally): { emerged: number; lost: number; rooted: number } | null {
  const all = Object.values(tally.typed);
  if (all.every((n) => n.emerged === "" && n.lost === "" && n.rooted === "")) return null;
  const sum = (field: Field) => all.reduce((total, n) => total + Number(n[field] || "0"), 0);
  return { emerged: sum("emerged"), lost: sum("lost"), rooted: sum("rooted") };
}

/** Above what an estimated sowing still holds; null where it is not, or where the seeds were counted. */
export function aboveEstimate(tray: CountTray, tally: Tally): number | null {
  const own = Object.entries(tally.typed).filter(
    ([cell]) => tally.scope !== "cell" || tray.cells === null || tray.cells.includes(Number(cell)),
  );
  const emerged = own.reduce((sum, [, n]) => sum + Number(n.emerged || "0"), 0);
  return tray.estimatePercent !== null && tray.emerged + emerged > tray.seeds ? tray.emerged + emerged : null;
}

/**
 * What is recorded, by batch. Counted by cells, every batch of the tray is: what brought nothing new was looked at too.
 * @param raised the new number of seeds where an estimate is raised; null otherwise.
 */
export function countsOf(
  tray: CountTray,
  tally: Tally,
  cause: LossCause,
  raised: { seeds: number; percent: number } | null = null,
): BatchPayloads[] {
  const read = reading(tally);
  if (!read) return [];
  const estimate: EntryPayload[] = raised ? [{ kind: "estimated", part: tray.part, ...raised }] : [];
  const as = (lost: number): Partial<Count> => ({ cause: lost > 0 ? cause : "unknown" });
  if (tally.scope !== "cell") {
    const rows =
      tally.scope === "row"
        ? Object.entries(tally.typed).map(([row, n]) => ({
            row: Number(row),
            cell: null,
            emerged: Number(n.emerged || "0"),
            lost: Number(n.lost || "0"),
          }))
        : null;
    return [
      {
        batch: tray.batchId,
        payloads: [
          ...estimate,
          countOf(tray.part, read.emerged, read.lost, {
            ...as(read.lost),
            rooted: read.rooted,
            spots: rows?.filter((r) => r.emerged > 0 || r.lost > 0) ?? null,
          }),
        ],
      },
    ];
  }
  const counted = [
    { batch: tray.batchId, part: tray.part, cells: tray.cells, before: estimate },
    ...tray.others.map((o) => ({ batch: o.batchId, part: o.part, cells: o.cells, before: [] })),
  ].map(({ batch, part, cells, before }) => {
    const spots = Object.entries(tally.typed)
      .map(([cell, n]) => ({
        cell: Number(cell),
        row: null,
        emerged: Number(n.emerged || "0"),
        lost: Number(n.lost || "0"),
      }))
      .filter((s) => (cells === null || cells.includes(s.cell)) && (s.emerged > 0 || s.lost > 0));
    const lost = spots.reduce((total, s) => total + s.lost, 0);
    const emerged = spots.reduce((total, s) => total + s.emerged, 0);
    return { batch, payloads: [...before, countOf(part, emerged, lost, { ...as(lost), spots })] };
  });
  // parts of one batch may share a tray
  const together = new Map<string, EntryPayload[]>();
  for (const { batch, payloads } of counted)
    together.set(batch, [...(together.get(batch) ?? []), ...payloads]);
  return [...together].map(([batch, payloads]) => ({ batch, payloads }));
}
