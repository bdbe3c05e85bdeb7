import { useState } from "react";
import { Button } from "@mui/material";
import { Failure } from "../shared/Failure";
import { keepPhoto } from "../offline/photos";
import { useDoneOn } from "./DoneOn";
import { useRecord } from "./RecordProvider";
import { photoName, scaled } from "./scaled";

interface PhotoButtonProps {
  batch: string;
  /** Null where nobody is to know which batch it is: in a blind count. */
  number: number | null;
  part: string | null;
}

/** One tap takes a photo, or picks one; it is kept like every other entry. */
export function PhotoButton({ batch, number, part }: PhotoButtonProps) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const [busy, setBusy] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const take = async (file: File) => {
    setError(null);
    setBusy(true);
    try {
      const picture = await scaled(file);
      const photo = await photoName(picture);
      await keepPhoto(photo, picture);
      await record(
        batch,
        [{ kind: "photo", part, photo, words: null }],
        doneOn,
        number === null ? "Photo kept" : `Photo of B-${number} kept`,
      );
    } catch (unreadable) {
      setError(unreadable);
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <Button component="label" variant="outlined" disabled={busy} sx={{ minHeight: 48 }}>
        {busy ? "Keeping…" : "Photo"}
        <input
          type="file"
          accept="image/*"
          capture="environment"
          hidden
          data-testid="take-photo"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) void take(file);
          }}
        />
      </Button>
      <Failure error={error} />
    </>
  );
}
