import type { EntryPayload, Moisture, MouldSeen } from "../../api/types";
import { countOf, lookAtBag, lookForSwelling, usualStart } from "../../record/entries";
import { firstStage } from "../plants/plantGesture";
import { usual } from "../rounds/usual";
import type { BatchPayloads } from "../../record/RecordProvider";
import type { DueLine } from "../rounds/dueLines";
import type { PlaceJob } from "../rounds/placeJobs";

/** What is entered beside a line in the evening. */
export interface Mark {
  done: boolean;
  /** Not as usual: what was seen is being entered. */
  otherwise: boolean;
  moisture: Moisture;
  mould: MouldSeen;
  /** Newly sprouted, or swollen, or newly come up; by the kind of line. Null while nothing is typed. */
  number: number | null;
  lost: number | null;
}

export const unmarked: Mark = {
  done: false,
  otherwise: false,
  moisture: "right",
  mould: "none",
  number: null,
  lost: null,
};

/** Seed whose caution nobody has read yet is not ticked off on a sheet. */
export const wantsReading = ({ part, item }: DueLine): boolean =>
  part.toRead.length > 0 && ["startStep", "sow", "scarifyAgain"].includes(item.due.kind);

/** What the line records; null where it is not ticked, or a number is missing. */
export function payloadsOf({ part, item }: DueLine, mark: Mark): EntryPayload[] | null {
  if (!mark.done) return null;
  switch (item.due.kind) {
    case "checkBag": {
      const sprouted = mark.number ?? 0;
      const all = sprouted >= (part.sowAllFrom ?? 1) || part.sprouted + sprouted === part.seeds;
      return lookAtBag(
        part,
        {
          moisture: mark.moisture,
          mould: mark.mould,
          sprouted,
          care: mark.moisture === "dry" ? ["wetted"] : null,
          placeC: null,
        },
        all ? "sowAll" : "pickOut",
        part.sproutsTo,
      );
    }
    case "lookForSwelling":
      return mark.number === null ? null : lookForSwelling(part, mark.number);
    case "countSeedlings":
      return mark.number === null ? null : [countOf(part.part, mark.number, mark.lost ?? 0)];
    case "takeHeight":
      return mark.number ? [{ kind: "measured", part: part.part, heightMm: mark.number }] : null;
    case "thin":
      return mark.number ? [countOf(part.part, 0, mark.number, { cause: "thinned" })] : null;
    case "lookForReturn":
      return mark.number ? [cameAgain(part, mark.number)] : null;
    case "prickOut":
    case "repot":
    case "plantOut":
      return mark.number ? [moved(part.part, item.due.kind, mark.number)] : null;
    default:
      // what is set out is made ready at its own list; a tick says that it went out
      return item.setsOut ? usualStart(item, part) : (usual(part, item, null)?.payloads() ?? null);
  }
}

/** Of the sleepers, those that are furthest on. */
const cameAgain = (part: DueLine["part"], plants: number): EntryPayload => ({
  kind: "cameAgain",
  part: part.part,
  stage: part.plants ? firstStage(part.plants, "cameAgain") : "seedling",
  plants,
});

const MOVES = {
  prickOut: ["seedling", "prickedOut"],
  repot: ["potted", "potted"],
  plantOut: ["hardened", "planted"],
} as const;

const moved = (part: string, kind: keyof typeof MOVES, plants: number): EntryPayload => ({
  kind: "movedOn",
  part,
  from: MOVES[kind][0],
  to: MOVES[kind][1],
  plants,
  into: null,
  spacingCm: null,
  divided: false,
  potCm: null,
  mix: null,
});

/** The whole pass by batch, with the keys of the lines it settles. */
export function passOf(
  lines: DueLine[],
  marks: Record<string, Mark>,
): { batches: BatchPayloads[]; settles: string[] } {
  const batches = new Map<string, EntryPayload[]>();
  const settles: string[] = [];
  for (const line of lines) {
    const payloads = payloadsOf(line, marks[line.key] ?? unmarked);
    if (!payloads) continue;
    settles.push(line.key);
    batches.set(line.part.batchId, [...(batches.get(line.part.batchId) ?? []), ...payloads]);
  }
  return { batches: [...batches].map(([batch, payloads]) => ({ batch, payloads })), settles };
}

/** The jobs of places that were ticked, each with the rest of its batch. */
export function withPlaceJobs(
  pass: { batches: BatchPayloads[]; settles: string[] },
  jobs: PlaceJob[],
  marks: Record<string, Mark>,
): { batches: BatchPayloads[]; settles: string[] } {
  const ticked = jobs.filter((job) => marks[job.key]?.done);
  const batches = new Map(pass.batches.map((b) => [b.batch, b.payloads]));
  for (const { batch, payloads } of ticked.flatMap((job) => job.entries))
    batches.set(batch, [...(batches.get(batch) ?? []), ...payloads]);
  return {
    batches: [...batches].map(([batch, payloads]) => ({ batch, payloads })),
    settles: [...pass.settles, ...ticked.map((job) => job.key)],
  };
}

/** Rows that fit a sheet of paper as large as they are meant; a place with its heading takes two. */
const ROOMY = 34;
const OF_A_PLACE = 2;
const SMALLEST = 0.7;

/** How much smaller a full day is printed, so that it stays on one sheet while it can be read at all. */
export const paperScale = (lines: number, places: number): number =>
  Math.max(SMALLEST, Math.min(1, ROOMY / Math.max(1, lines + OF_A_PLACE * places)));
