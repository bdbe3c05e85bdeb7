import { useCallback, useEffect, useSyncExternalStore } from "react";

let shown: string | null = null;
const listeners = new Set<() => void>();

function show(id: string | null) {
  shown = id;
  for (const listener of listeners) listener();
}

function listen(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The panel beside a page shows one thing at a time: whoever opens it takes it from the other. Escape closes it. */
export function useBeside(id: string): [boolean, (open: boolean) => void] {
  const isShown = useSyncExternalStore(listen, () => shown === id);
  const set = useCallback(
    (open: boolean) => {
      if (open) show(id);
      else if (shown === id) show(null);
    },
    [id],
  );
  useEffect(() => {
    if (!isShown) return;
    const close = (event: KeyboardEvent) => {
      // a dialog above it closes first
      if (event.key === "Escape" && !document.querySelector("[role='dialog']")) show(null);
    };
    document.addEventListener("keydown", close);
    return () => document.removeEventListener("keydown", close);
  }, [isShown]);
  // a number that is gone takes its working with it
  useEffect(() => () => set(false), [set]);
  return [isShown, set];
}
