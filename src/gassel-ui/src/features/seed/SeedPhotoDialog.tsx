import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { SeedPhotoView } from "../../api/types";
import { scaled } from "../../record/scaled";
import { AlarmMark } from "../../shared/AlarmMark";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { several } from "../../shared/numbers";
import { useNarrow } from "../../shared/useNarrow";
import { SeedPhoto } from "./SeedPhoto";
import { SeedSizes } from "./SeedSizes";
import { marksOf, seedsOf, tapped } from "./seedMarks";
import type { SeedMark } from "./seedMarks";
import { FileButton } from "../../shared/FileButton";

/** Longer side of a bank card (ISO/IEC 7810, ID-1), mm. */
const CARD_MM = 85.6;

interface SeedPhotoDialogProps {
  speciesId: string;
  /** The number is taken for the lot. */
  use: (seeds: number) => void;
  close: () => void;
}

/** Seed on white paper beside a card: counted, measured, mended by taps. */
export function SeedPhotoDialog({ speciesId, use, close }: SeedPhotoDialogProps) {
  const [cardMm, setCardMm] = useState<number | null>(CARD_MM);
  const [picture, setPicture] = useState<Blob | null>(null);
  const [view, setView] = useState<SeedPhotoView | null>(null);
  const [marks, setMarks] = useState<SeedMark[]>([]);
  const [isLooking, setLooking] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const look = async (file: File) => {
    setError(null);
    setLooking(true);
    try {
      const small = await scaled(file);
      const seen = await answered(
        api.POST("/api/seed-photo", {
          params: { query: cardMm === null ? {} : { cardMm } },
          body: (await small.arrayBuffer()) as unknown as string,
          bodySerializer: (bytes) => bytes,
          headers: { "content-type": small.type },
        }),
      );
      setPicture(small);
      setView(seen);
      setMarks(marksOf(seen));
    } catch (refused) {
      setError(refused);
    } finally {
      setLooking(false);
    }
  };
  const isNarrow = useNarrow();
  const seeds = seedsOf(marks);
  const mended = view !== null && seeds !== view.seen.count;
  return (
    <Dialog
      open
      onClose={close}
      fullWidth
      fullScreen={isNarrow}
      maxWidth="md"
      aria-labelledby="seed-photo-title"
    >
      <DialogTitle id="seed-photo-title">Count seed in a photo</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
        {!view && (
          <Typography data-testid="seed-photo-how">
            Spread the seed on white paper, none touching, in even light. Lay a dark card beside it. Hold the
            camera straight above and fill the picture.
          </Typography>
        )}
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
          <FileButton
            accept="image/*"
            testId="seed-photo-file"
            camera
            variant={view ? "outlined" : "contained"}
            disabled={isLooking}
            take={(file) => void look(file)}
          >
            {isLooking ? "Looking…" : view ? "Another photo" : "Take or choose a photo"}
          </FileButton>
          <MeasureField
            label="Long side of the card"
            name="cardMm"
            measure="length"
            value={cardMm}
            onChange={setCardMm}
            min={5}
            max={500}
            helper="a bank card unless you say otherwise"
          />
        </Box>
        <Failure error={error} />
        {view && picture && (
          <>
            <Typography variant="h2" component="p" role="status" data-testid="seed-photo-says">
              {several(seeds, "seed")}
              {mended
                ? `, ${view.seen.count} before your taps`
                : view.seen.touching > 0
                  ? `, ${view.seen.touching} of them touch`
                  : ""}
            </Typography>
            <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1 }}>
              <SeedSizes seen={view.seen} />
              {view.seen.width && (
                <Button
                  component={Link}
                  to={`/species/${speciesId}/values?seedWidth=${view.seen.width.middle.toFixed(1)}`}
                >
                  Use the width for its sowing depth
                </Button>
              )}
            </Box>
            {view.seen.doubts.map((doubt) => (
              <Typography key={doubt} sx={{ display: "flex", gap: 0.5 }}>
                <AlarmMark />
                <span>{doubt}</span>
              </Typography>
            ))}
            <SeedPhoto
              picture={picture}
              view={view}
              marks={marks}
              tap={(x, y, reach) => setMarks(tapped(marks, x, y, reach))}
            />
            <Typography variant="body2" color="text.secondary">
              Tap a mark that is no seed to remove it, or a seed that has none to add it. An aid of our own,
              checked on drawn pictures alone; the photo is not kept.
            </Typography>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={seeds === 0}
          sx={{ whiteSpace: "nowrap" }}
          onClick={() => use(seeds)}
        >
          Use {several(seeds, "seed")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
