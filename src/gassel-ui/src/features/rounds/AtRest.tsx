import { Box } from "@mui/material";
import type { StandingPart } from "../../api/types";
import type { Day } from "../../time/days";
import { Standing } from "./Standing";

/** What stands at a place and asks for nothing today. */
export const restingOf = (parts: StandingPart[], today: Day): StandingPart[] =>
  parts.filter((part) => part.due.every(({ due }) => due.dueOn > today));

export function AtRest({ resting, today }: { resting: StandingPart[]; today: Day }) {
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
      {resting.map((part) => (
        <Standing key={part.batchId + part.part} part={part} today={today} hurt={false} />
      ))}
    </Box>
  );
}
