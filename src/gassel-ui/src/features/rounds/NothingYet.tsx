import { Box, Button } from "@mui/material";
import { Link } from "react-router";
import { useLots } from "../../book/queries";
import { EmptyNote } from "../../shared/EmptyNote";

/** Rounds of a book in which nothing grows yet, with the next step. */
export function NothingYet({ hasSite }: { hasSite: boolean }) {
  const lots = useLots().data;
  const next = !hasSite
    ? (["/site", "Name the site"] as const)
    : lots?.length
      ? (["/plan", "Plan a batch"] as const)
      : (["/seed", "Enter a seed lot"] as const);
  return (
    <EmptyNote
      title="Nothing to look after yet"
      action={
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          {!hasSite && (
            <Button component={Link} to="/start" variant="contained">
              Begin, in four short steps
            </Button>
          )}
          <Button component={Link} to={next[0]} variant={hasSite ? "contained" : "outlined"}>
            {next[1]}
          </Button>
        </Box>
      }
    >
      Today&apos;s jobs for every bag, tray and container appear here.
      {hasSite ? "" : " Start by telling Gassel where you grow."}
    </EmptyNote>
  );
}
