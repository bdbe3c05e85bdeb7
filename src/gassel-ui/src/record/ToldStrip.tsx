import { useEffect } from "react";
import { createPortal } from "react-dom";
import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../look/DeviceContext";
import { TOLD_SLOT } from "./toldSlot";

const SHOWN_MS = 8000;

interface ToldStripProps {
  told: string;
  undo: string;
  onUndo: () => void;
  close: () => void;
}

/** What was just recorded, with the way back, in room of its own below the page: it lies over no control. */
export function ToldStrip({ told, undo, onUndo, close }: ToldStripProps) {
  const { palette } = useDevice();
  useEffect(() => {
    const gone = setTimeout(close, SHOWN_MS);
    return () => clearTimeout(gone);
    // shown once for what was recorded; a new recording has a strip of its own
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the page draws anew while it stands
  }, []);
  const slot = document.getElementById(TOLD_SLOT);
  if (!slot) return null;
  return createPortal(
    <Box
      role="status"
      data-testid="told"
      sx={{
        bgcolor: palette.ink,
        color: palette.card,
        px: { xs: 2, md: 3 },
        minHeight: 56,
        display: "flex",
        alignItems: "center",
        gap: 2,
        displayPrint: "none",
      }}
    >
      <Typography sx={{ flex: 1 }}>{told}</Typography>
      <Button color="inherit" sx={{ textDecoration: "underline" }} onClick={onUndo}>
        {undo}
      </Button>
      <Button color="inherit" onClick={close}>
        Close
      </Button>
    </Box>,
    slot,
  );
}
