import { Button } from "@mui/material";
import { usePlaces } from "../../book/queries";
import { useRecord } from "../../record/RecordProvider";
import type { Day } from "../../time/days";
import { moves, partName } from "./move";
import type { Movable } from "./move";

interface MoveNowProps {
  parts: Movable[];
  to: string;
  doneOn: Day;
}

/** To the place that suits them better, with one touch. */
export function MoveNow({ parts, to, doneOn }: MoveNowProps) {
  const place = usePlaces().data?.find((p) => p.id === to);
  const { recordMany } = useRecord();
  if (!place) return null;
  return (
    <Button
      variant="contained"
      sx={{ ml: 1, flex: "none" }}
      onClick={() =>
        void recordMany(
          moves(parts, to, null),
          doneOn,
          `${parts.map(partName).join(", ")}: moved to ${place.inSentence}`,
          [],
        )
      }
    >
      Move {parts.length === 1 ? "" : parts.length === 2 ? "both " : `all ${parts.length} `}to{" "}
      {place.inSentence}
    </Button>
  );
}
