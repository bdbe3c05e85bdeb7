import { Box, Typography } from "@mui/material";
import { sourceApart } from "./working";

/** How a number came about: the rule first, the numbers smaller under it, each with its source apart. */
export function WorkingLines({ lines }: { lines: string[] }) {
  return (
    <Box
      data-testid="working"
      component="ul"
      sx={{
        m: 0,
        p: 0,
        listStyle: "none",
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
  );
}
