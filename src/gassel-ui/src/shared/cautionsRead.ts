import { useSyncExternalStore } from "react";
import type { Day } from "../time/days";

const KEY = "gassel-cautions-read";

/** The cautions that were read on this device on a day; forgotten with the day. */
interface Read {
  day: Day;
  texts: string[];
}

const listeners = new Set<() => void>();

function kept(): Read {
  try {
    const read = JSON.parse(localStorage.getItem(KEY) ?? "null") as Read | null;
    return read && Array.isArray(read.texts) ? read : { day: "", texts: [] };
  } catch {
    return { day: "", texts: [] };
  }
}

/** True where each of them was read today. */
export const areRead = (read: Read, day: Day, texts: string[]): boolean =>
  read.day === day && texts.every((text) => read.texts.includes(text));

/** What is known to be read once these were read too. */
export const withRead = (read: Read, day: Day, texts: string[]): Read => ({
  day,
  texts: [...new Set([...(read.day === day ? read.texts : []), ...texts])],
});

export function markRead(day: Day, texts: string[]): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(withRead(kept(), day, texts)));
  } catch {
    // without room to keep it, it is read once more
  }
  listeners.forEach((heard) => heard());
}

/** True where all of these cautions were read on this device today. */
export function useAreRead(day: Day, texts: string[]): boolean {
  return useSyncExternalStore(
    (heard) => {
      listeners.add(heard);
      return () => listeners.delete(heard);
    },
    () => areRead(kept(), day, texts),
  );
}
