import { Typography } from "@mui/material";
import type { ActingPart } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { several } from "../../shared/numbers";
import type { Day } from "../../time/days";
import { CloseDialog } from "../closing/CloseDialog";

interface CloseManyProps {
  parts: ActingPart[];
  today: Day;
  close: (isDone: boolean) => void;
}

const batchesOf = (parts: ActingPart[]) => [...new Set(parts.map((part) => part.batchId))];

/** Closes the books of all that are chosen and were sown. */
export function CloseMany({ parts, today, close }: CloseManyProps) {
  const { recordMany } = useRecord();
  const sown = batchesOf(parts.filter((part) => part.closes));
  const rest = batchesOf(parts).length - sown.length;
  const what = several(sown.length, "batch", "batches");
  const send = async (words: string | null) => {
    const batches = sown.map((batch) => ({ batch, payloads: [{ kind: "closed" as const, words }] }));
    if (await recordMany(batches, today, `${what}: books closed`, [])) close(true);
  };
  return (
    <CloseDialog
      what={sown.length > 0 ? what : null}
      send={(words) => void send(words)}
      close={() => close(false)}
    >
      {rest > 0 && (
        <Typography>
          {several(rest, "batch", "batches")} without a sowing {rest === 1 ? "stays" : "stay"} open.
        </Typography>
      )}
    </CloseDialog>
  );
}
