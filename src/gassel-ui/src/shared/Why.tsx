import { useId, useState } from "react";
import { Box, Button } from "@mui/material";
import { useDevice } from "../look/DeviceContext";

/** The working of a number, behind one gesture. */
export function Why({ lines, about, words = "why" }: { lines: string[]; about: string; words?: string }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const { palette } = useDevice();
  return (
    <Box sx={{ display: "inline-block", maxWidth: "100%", width: open ? "100%" : "auto" }}>
      <Button
        size="small"
        aria-expanded={open}
        aria-controls={id}
        aria-label={`${open ? "close" : words}: ${about}`}
        onClick={() => setOpen(!open)}
        sx={{
          px: 1,
          minWidth: 56,
          textDecoration: "underline",
          textUnderlineOffset: 3,
          displayPrint: "none",
        }}
      >
        {open ? "Close" : words}
      </Button>
      {open && (
        <Box
          id={id}
          component="ol"
          sx={{
            m: 0,
            mb: 1,
            pl: 3.5,
            py: 1,
            pr: 1.5,
            bgcolor: palette.paper,
            borderRadius: 1,
            fontSize: "0.95rem",
            lineHeight: 1.45,
          }}
        >
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}
