import { useMemo, useSyncExternalStore } from "react";
import type { QueuedAct } from "./keep";
import { onQueue, shownQueue } from "./queue";
import { settledWhileWaiting } from "./sending";

/** What waits on this device. */
export const useQueue = (): QueuedAct[] => useSyncExternalStore(onQueue, shownQueue);

/** The due things that are settled by what waits. */
export function useSettled(): Set<string> {
  const queue = useQueue();
  return useMemo(() => settledWhileWaiting(queue), [queue]);
}
