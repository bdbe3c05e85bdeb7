import { Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { useWho } from "../../people/usePerson";
import { filled } from "../../shared/lines";
import { useUnsaved } from "../../shared/useUnsaved";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { LineActions } from "../../shared/LineActions";
import { LineGrid } from "../../shared/LineGrid";
import { useUnits } from "../../shared/units";
import { useLines } from "../../shared/useLines";
import { COLUMNS, EMPTY } from "./wishLines";

/** Lines to put on the list: typed, pasted or from a file, each judged before it is kept. */
export function WishEntry({ close }: { close: (() => void) | null }) {
  const who = useWho();
  const metric = useUnits() === "metric";
  const queries = useQueryClient();
  const entry = useLines({
    empty: EMPTY,
    split: (text) => answered(api.POST("/api/wishes/lines", { body: { text } })),
    judge: (lines, save) => answered(api.POST("/api/wishes", { body: { lines, save, who } })),
    kept: async (_, left) => {
      await queries.invalidateQueries({ queryKey: ["wishes"] });
      if (left === 0) close?.();
    },
  });
  const [unsaved] = useUnsaved(filled(entry.lines));
  return (
    <Card label="put on the list">
      {unsaved}
      <Typography variant="h2">What is wanted</Typography>
      <Typography sx={{ mb: 1, maxWidth: "80ch" }}>
        One line for each wish: type, paste from a spreadsheet, or use a CSV file. Species and plants are
        enough; instead of plants, an area in {metric ? "m²" : "sq ft"} and a spacing in{" "}
        {metric ? "cm" : "inches"}. &ldquo;When&rdquo; takes a day, &ldquo;2 weeks after frost&rdquo;,
        &ldquo;autumn&rdquo; or a year.
      </Typography>
      <LineGrid columns={COLUMNS} entry={entry} />
      <Failure error={entry.error} />
      <LineActions entry={entry} keep={(lines) => `Put ${lines} on the list`} id="wish">
        {close && <Button onClick={close}>Cancel</Button>}
      </LineActions>
    </Card>
  );
}
