import { useState } from "react";
import { Failure } from "../shared/Failure";
import { keepPhoto } from "../offline/photos";
import { useDoneOn } from "./DoneOn";
import { useRecord } from "./RecordProvider";
import { photoName, scaled } from "./scaled";
import { FileButton } from "../shared/FileButton";

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
      <FileButton
        accept="image/*"
        testId="take-photo"
        camera
        disabled={busy}
        take={(file) => void take(file)}
      >
        {busy ? "Keeping…" : "Photo"}
      </FileButton>
      <Failure error={error} />
    </>
  );
}
