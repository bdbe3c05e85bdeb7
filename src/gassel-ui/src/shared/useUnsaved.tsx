import { useEffect, useRef, useState } from "react";
import type { ReactNode } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { useBlocker } from "react-router";

/**
 * Asks before a page is left on which something was written and not saved.
 *
 * @param draft What is written, as it is now; it is compared with what stood there at first.
 * @returns What is drawn where it asks, and what is called when the draft was saved or given up.
 */
export function useUnsaved(draft: unknown): [guard: ReactNode, letGo: () => void] {
  const written = JSON.stringify(draft);
  const [first] = useState(written);
  const kept = useRef(first);
  const now = useRef(written);
  useEffect(() => {
    now.current = written;
  }, [written]);
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      currentLocation.pathname !== nextLocation.pathname && now.current !== kept.current,
  );
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (now.current !== kept.current) event.preventDefault();
    };
    window.addEventListener("beforeunload", warn);
    return () => window.removeEventListener("beforeunload", warn);
  }, []);
  return [
    blocker.state === "blocked" && (
      <Dialog open onClose={() => blocker.reset()} aria-labelledby="unsaved-title">
        <DialogTitle id="unsaved-title">Leave without saving?</DialogTitle>
        <DialogContent>
          <Typography>What you wrote here is not saved yet.</Typography>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => blocker.proceed()}>Leave</Button>
          <Button variant="contained" onClick={() => blocker.reset()}>
            Stay
          </Button>
        </DialogActions>
      </Dialog>
    ),
    () => {
      kept.current = now.current;
    },
  ];
}
