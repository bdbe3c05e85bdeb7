import { useRef, useState } from "react";
import { answered, api } from "../../api/client";
import type { WishSeason } from "../../api/types";

/** Seconds that the solver may look for a better plan. */
export const SECONDS = 10;

/** Looks for room; while it does, the page goes on, and it can be called off. */
export function useRoom() {
  const [season, setSeason] = useState<WishSeason | null>(null);
  const [looking, setLooking] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const off = useRef<AbortController | null>(null);
  const look = async () => {
    off.current?.abort();
    const mine = new AbortController();
    off.current = mine;
    setError(null);
    setLooking(true);
    try {
      setSeason(
        await answered(api.POST("/api/wishes/season", { body: { seconds: SECONDS }, signal: mine.signal })),
      );
    } catch (failed) {
      if (!mine.signal.aborted) setError(failed);
    } finally {
      if (off.current === mine) setLooking(false);
    }
  };
  const callOff = () => {
    off.current?.abort();
    off.current = null;
    setLooking(false);
  };
  return { season, looking, error, look, callOff, forget: () => setSeason(null) };
}
