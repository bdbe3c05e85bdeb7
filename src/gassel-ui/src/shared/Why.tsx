import { useId, useRef, useState } from "react";
import { Box, Button } from "@mui/material";
import { useDevice } from "../look/DeviceContext";
import { BesidePanel } from "./BesidePanel";
import { useBeside } from "./useBeside";
import { capital } from "./words";
import { WorkingLines } from "./WorkingLines";

/** From this width on there is room beside what is read, px. */
const WIDE = 1000;

/**
 * The working of a number, behind one gesture. On a wide screen it stands in a panel beside the page, which stays as it is; on a narrow
 * one, and in a dialog, below its number. It follows the number while that changes.
 */
export function Why({ lines, about, words = "why" }: { lines: string[]; about: string; words?: string }) {
  const [inPlace, setInPlace] = useState(false);
  const [side, setSide] = useState<"left" | "right">("right");
  const button = useRef<HTMLButtonElement>(null);
  const id = useId();
  const [beside, setBeside] = useBeside(id);
  const { palette } = useDevice();
  const open = inPlace || beside;
  const turn = () => {
    if (open || !button.current) {
      setInPlace(false);
      setBeside(false);
      return;
    }
    if (window.innerWidth < WIDE || button.current.closest("[role='dialog']")) return setInPlace(true);
    const { left, right } = button.current.getBoundingClientRect();
    setSide(left + right > window.innerWidth ? "left" : "right");
    setBeside(true);
  };
  const close = () => {
    setBeside(false);
    button.current?.focus({ preventScroll: true });
  };
  return (
    <Box sx={{ display: "inline-block", maxWidth: "100%", width: inPlace ? "100%" : "auto" }}>
      <Button
        ref={button}
        size="small"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        aria-label={`${open ? "close" : words}: ${about}`}
        onClick={turn}
        sx={{
          px: 1,
          minWidth: 56,
          textDecoration: "underline",
          textUnderlineOffset: 3,
          displayPrint: "none",
        }}
      >
        {open ? "Close" : capital(words)}
      </Button>
      {inPlace && (
        <Box id={id} sx={{ mb: 1, py: 1, px: 1.5, bgcolor: palette.paper, borderRadius: 1 }}>
          <WorkingLines lines={lines} />
        </Box>
      )}
      {beside && (
        <BesidePanel id={id} title={`${capital(words)}: ${about}`} side={side} close={close}>
          <WorkingLines lines={lines} />
        </BesidePanel>
      )}
    </Box>
  );
}
