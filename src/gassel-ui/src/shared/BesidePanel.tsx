import type { ReactNode } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../look/DeviceContext";

interface BesidePanelProps {
  id: string;
  title: string;
  /** The edge it stands at: that away from what it is about. */
  side: "left" | "right";
  close: () => void;
  children: ReactNode;
}

/** Stands at the edge of a wide screen while the page under it is read on; nothing moves when it opens. */
export function BesidePanel({ id, title, side, close, children }: BesidePanelProps) {
  const { palette } = useDevice();
  return (
    <Box
      id={id}
      role="region"
      aria-label={title}
      data-testid="beside"
      sx={{
        position: "fixed",
        zIndex: "drawer",
        top: 72,
        [side]: 16,
        width: 372,
        maxHeight: "calc(100dvh - 152px)",
        overflowY: "auto",
        bgcolor: palette.card,
        border: `1px solid ${palette.ink2}`,
        borderTop: `5px solid ${palette.slate}`,
        borderRadius: "2px",
        boxShadow: 3,
        px: 2,
        pb: 1.5,
        displayPrint: "none",
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.5 }}>
        <Typography variant="h3" component="p" sx={{ flex: 1, minWidth: 0 }}>
          {title}
        </Typography>
        <Button size="small" aria-label={`close: ${title}`} onClick={close} sx={{ minWidth: 56, px: 1 }}>
          Close
        </Button>
      </Box>
      {children}
    </Box>
  );
}
