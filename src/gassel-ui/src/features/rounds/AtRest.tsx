import { useState } from "react";
import { Box, Button } from "@mui/material";
import type { StandingPart } from "../../api/types";
import type { Day } from "../../time/days";
import { Standing } from "./Standing";

/** What stands at a place and asks for nothing today, behind one touch. */
export function AtRest({ parts, today }: { parts: StandingPart[]; today: Day }) {
  const [open, setOpen] = useState(false);
  const resting = parts.filter((part) => part.due.every(({ due }) => due.dueOn > today));
  if (resting.length === 0) return null;
  return (
    <>
      <Button aria-expanded={open} onClick={() => setOpen(!open)} sx={{ minHeight: 52, px: 0 }}>
        {open ? "Hide" : "Show"} {resting.length} at rest
      </Button>
      {open && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {resting.map((part) => (
            <Standing key={part.batchId + part.part} part={part} today={today} hurt={false} />
          ))}
        </Box>
      )}
    </>
  );
}
