import { useState } from "react";
import { Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answered, api } from "../../api/client";
import { useWho } from "../../people/usePerson";
import { filled } from "../../shared/lines";
import { useUnsaved } from "../../shared/useUnsaved";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { LineActions } from "../../shared/LineActions";
import { LineGrid } from "../../shared/LineGrid";
import { several } from "../../shared/numbers";
import { useLines } from "../../shared/useLines";
import { COLUMNS, EMPTY } from "./grid";

/** A winter already under way: what lies where since when, typed, pasted or from a file, entered in one go. */
export function Told() {
  const who = useWho();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [entered, setEntered] = useState(0);
  const entry = useLines({
    empty: EMPTY,
    split: (text) => answered(api.POST("/api/told/lines", { body: { text } })),
    judge: (lines, save) => answered(api.POST("/api/told", { body: { lines, save, who } })),
    kept: async (saved, left) => {
      await queries.invalidateQueries();
      if (left === 0) letGo();
      if (left === 0) await navigate("/season");
      else setEntered(entered + saved.length);
    },
  });
  const [unsaved, letGo] = useUnsaved(filled(entry.lines));
  return (
    <Card label="batches in progress">
      {unsaved}
      <Typography variant="h1">Add batches already in progress</Typography>
      <Typography sx={{ mb: 1.5, maxWidth: "80ch" }}>
        One line for each bag or container: what is where, and since when. Type, paste from a spreadsheet, or
        use a CSV file. Earlier checks are not recorded.
      </Typography>
      <LineGrid columns={COLUMNS} entry={entry} />
      <Failure error={entry.error} />
      <LineActions
        entry={entry}
        keep={(lines) => `Enter ${lines}`}
        id="told"
        told={
          entered > 0
            ? `${several(entered, "batch", "batches")} entered; the lines left here were refused. `
            : ""
        }
      >
        <Button component={Link} to="/season">
          Cancel
        </Button>
      </LineActions>
    </Card>
  );
}
