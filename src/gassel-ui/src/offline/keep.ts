import { openDB } from "idb";
import type { DBSchema, IDBPDatabase } from "idb";
import type { EntryToSend } from "../api/types";

/** A gesture on its way to the book, as it is kept on this device until the book has it. */
export interface WaitingAct {
  act: string;
  /** Who recorded it; it goes out under this name. */
  who: string;
  /** That name was signed in with: it goes out when that person is signed in again. */
  isSigned?: boolean;
  /** The entries of each batch that the gesture touches. */
  batches: { batch: string; entries: EntryToSend[] }[];
  /** What was recorded, in words. */
  told: string;
  /** The due things that it settles, so that they are not asked for again while it waits. */
  settles: string[];
  /** Why the book does not take it; null while it may still go out. */
  refused: string | null;
  /** How often the book failed on it, answer 500; none where it never did. */
  faults?: number;
}

export const entriesOf = (act: WaitingAct): EntryToSend[] => act.batches.flatMap((b) => b.entries);

/** With its place in the queue: the order of recording. */
export interface QueuedAct extends WaitingAct {
  n: number;
}

/** The last answer to a question, and when this device heard it, by its own clock. */
export interface KeptAnswer {
  heardAt: number;
  data: unknown;
}

interface Kept extends DBSchema {
  queue: { key: number; value: WaitingAct };
  answers: { key: string; value: KeptAnswer };
}

export type Keep = IDBPDatabase<Kept>;

let opened: Promise<Keep> | null = null;

/** What this device keeps for the time without connection. */
export function keep(): Promise<Keep> {
  opened ??= openDB<Kept>("gassel", 1, {
    upgrade(db) {
      db.createObjectStore("queue", { autoIncrement: true });
      db.createObjectStore("answers");
    },
    terminated() {
      opened = null;
    },
  });
  return opened;
}
