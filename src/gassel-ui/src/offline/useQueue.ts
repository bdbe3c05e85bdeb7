import { useSyncExternalStore } from "react";
import type { QueuedAct } from "./keep";
import { onQueue, shownQueue, shownSettled } from "./queue";

/** What waits on this device. */
export const useQueue = (): QueuedAct[] => useSyncExternalStore(onQueue, shownQueue);

/** The due things that are settled by what waits. */
export const useSettled = (): Set<string> => useSyncExternalStore(onQueue, shownSettled);

/** Whether one due thing is; draws anew only when that changes, for there may be hundreds on the page. */
export const useIsSettled = (key: string): boolean =>
  useSyncExternalStore(onQueue, () => shownSettled().has(key));
