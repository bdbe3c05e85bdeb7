import { useId, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../look/DeviceContext";
import { capital } from "./words";
import { sourceApart } from "./working";

/** The working of a number, behind one gesture: the rule first, the numbers smaller under it, each with its source apart. */
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
        {open ? "Close" : capital(words)}
      </Button>
      {open && (
        <Box
          id={id}
          data-testid="working"
          component="ul"
          sx={{
            m: 0,
            mb: 1,
            py: 1,
            px: 1.5,
            listStyle: "none",
            bgcolor: palette.paper,
            borderRadius: 1,
            fontSize: "0.92rem",
            lineHeight: 1.4,
            "& li + li": { mt: 0.5 },
            "& li:first-of-type": { fontSize: "1rem", fontWeight: 600 },
            "& small": { display: "block", fontSize: "0.85rem", fontWeight: 400, fontStyle: "italic" },
          }}
        >
          {lines.map(sourceApart).map((line, i) => (
            <li key={i}>
              {line.said}
              {line.source && (
                <Typography component="small" color="text.secondary">
                  {line.source}
                </Typography>
              )}
            </li>
          ))}
        </Box>
      )}
    </Box>
  );
}
