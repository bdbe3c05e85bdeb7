import { useState } from "react";
import { Box, Button, Dialog, Typography } from "@mui/material";
import type { LogLine } from "../../api/types";
import { PhotoButton } from "../../record/PhotoButton";
import { Card } from "../../shared/Card";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface PhotoStripProps {
  batch: string;
  number: number;
  log: LogLine[];
  today: Day;
}

/** What it looked like over time; a touch shows one large. */
export function PhotoStrip({ batch, number, log, today }: PhotoStripProps) {
  const [shown, setShown] = useState<LogLine | null>(null);
  /** Their files do not lie beside this book. */
  const [missing, setMissing] = useState<string[]>([]);
  const photos = log
    .filter((line) => line.photo !== null && line.fate !== "takenBack")
    .sort((a, b) => a.doneOn.localeCompare(b.doneOn));
  return (
    <Card label="photos">
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, mb: photos.length > 0 ? 1 : 0 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          {photos.length === 0 ? "No photo yet" : "Over time"}
        </Typography>
        <PhotoButton batch={batch} number={number} part={null} />
      </Box>
      {photos.length > 0 && (
        <Box data-testid="photos" sx={{ display: "flex", gap: 1, overflowX: "auto", pb: 0.5 }}>
          {photos.map((line) => (
            <Button
              key={line.id}
              onClick={() => setShown(line)}
              aria-label={`photo of ${shortDay(line.doneOn, today)}, large`}
              sx={{ display: "block", flex: "0 0 auto", p: 0.5, textAlign: "left" }}
            >
              {missing.includes(line.id) ? (
                <Typography component="span" sx={{ display: "block", width: 132, height: 99 }}>
                  The picture is not here.
                </Typography>
              ) : (
                <Box
                  component="img"
                  src={`/api/photos/${line.photo}`}
                  alt=""
                  loading="lazy"
                  onError={() => setMissing((all) => [...all, line.id])}
                  sx={{ display: "block", width: 132, height: 99, objectFit: "cover", borderRadius: 1 }}
                />
              )}
              <Typography component="span" sx={{ fontWeight: 600 }}>
                {shortDay(line.doneOn, today)}
              </Typography>
            </Button>
          ))}
        </Box>
      )}
      {shown && (
        <Dialog
          open
          onClose={() => setShown(null)}
          maxWidth="lg"
          slotProps={{ paper: { "aria-label": "photo", "aria-labelledby": undefined } }}
        >
          <Box sx={{ p: 1.5 }}>
            <Box
              component="img"
              src={`/api/photos/${shown.photo}`}
              alt={`B-${number} on ${shortDay(shown.doneOn, today)}`}
              sx={{ display: "block", maxWidth: "100%", maxHeight: "75vh" }}
            />
            <Box sx={{ display: "flex", alignItems: "center", gap: 2, mt: 1 }}>
              <Typography sx={{ flex: 1 }}>
                <strong>{shortDay(shown.doneOn, today)}</strong> {shown.words} {shown.who}
              </Typography>
              <Button onClick={() => setShown(null)}>Close</Button>
            </Box>
          </Box>
        </Dialog>
      )}
    </Card>
  );
}
