import { Button } from "@mui/material";
import { usePlaces } from "../../book/queries";
import { useRecord } from "../../record/RecordProvider";
import type { Day } from "../../time/days";
import { moves, partName } from "./move";
import type { Movable } from "./move";

/** To the place that suits it better, with one touch. */
export function MoveNow({ part, to, doneOn }: { part: Movable; to: string; doneOn: Day }) {
  const place = usePlaces().data?.find((p) => p.id === to);
  const { record } = useRecord();
  if (!place) return null;
  return (
    <Button
      variant="contained"
      sx={{ ml: 1, flex: "none" }}
      onClick={() => {
        const [batch] = moves([part], to, null);
        if (batch)
          void record(batch.batch, batch.payloads, doneOn, `${partName(part)}: moved to ${place.inSentence}`);
      }}
    >
      Move to {place.inSentence}
    </Button>
  );
}
