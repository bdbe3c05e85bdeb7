import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { SeasonView } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { Card } from "../../shared/Card";
import { shortDay } from "../../time/days";

/** The days of every ribbon in words: for whoever has no mouse, and on paper. */
export function SeasonDates({ season }: { season: SeasonView }) {
  if (season.rows.length === 0) return null;
  return (
    <Card label="dates">
      <Typography variant="h2">Dates</Typography>
      {season.rows.map((row) => (
        <Box key={row.id} sx={{ py: 0.5, breakInside: "avoid" }} data-testid={`dates-${row.number}`}>
          <Typography component="span" sx={{ fontWeight: 700 }}>
            <Link to={`/batches/${row.id}`} style={{ color: "inherit" }}>
              B-{row.number} {row.commonName}
            </Link>
          </Typography>
          <Typography component="span">
            {": "}
            {row.ribbon
              .map(
                (s) =>
                  `${stepWords(s.kind)} ${shortDay(s.start, season.today)} to ${shortDay(s.end, season.today)}`,
              )
              .join("; ")}
            {row.window &&
              `. May start from ${shortDay(row.window.from, season.today)} to ${shortDay(row.window.to, season.today)}`}
            .
          </Typography>
        </Box>
      ))}
    </Card>
  );
}
