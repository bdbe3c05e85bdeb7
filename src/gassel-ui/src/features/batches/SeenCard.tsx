import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import type { BatchView, PartView } from "../../api/types";
import { useDoneOn } from "../../record/DoneOn";
import { Card } from "../../shared/Card";
import { ForRole } from "../../people/ForRole";
import { length, useUnits } from "../../shared/units";
import { capital } from "../../shared/words";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { LookAgainDialog } from "../symptoms/LookAgainDialog";
import { SymptomDialog } from "../symptoms/SymptomDialog";

interface SeenCardProps {
  batch: BatchView;
  /** Those that live. */
  parts: PartView[];
  today: Day;
}

/** What was seen to be wrong with what is sown, how it went, and how tall it stands. */
export function SeenCard({ batch, parts, today }: SeenCardProps) {
  const units = useUnits();
  const { doneOn } = useDoneOn();
  const [wrong, setWrong] = useState(false);
  const [again, setAgain] = useState<PartView | null>(null);
  const sown = parts.filter((part) => part.state.sownOn !== null && !part.state.booksClosed);
  if (sown.length === 0) return null;
  const { id, number } = batch.summary;
  const { commonName } = batch.species;
  const which = (part: PartView) => (sown.length > 1 ? `Part ${part.state.id}: ` : "");
  const nothing = sown.every((part) => part.state.symptoms.length === 0 && part.state.heights.length === 0);
  return (
    <Card label="seen">
      <Typography variant="h2">What was seen</Typography>
      {nothing && <Typography>Nothing wrong was recorded; no height was taken.</Typography>}
      {sown.map((part) => (
        <Box key={part.state.id} data-testid={`seen-${part.state.id}`}>
          {part.state.symptoms.map((tale) => (
            <Typography key={tale.what + tale.firstOn}>
              {which(part)}
              <strong>{capital(WORDS.Symptom[tale.what])}</strong> since {nearDay(tale.firstOn, today)}
              {tale.course === "seen"
                ? ""
                : `, ${WORDS.SymptomCourse[tale.course]} ${nearDay(tale.lastOn, today)}`}
              {tale.lost > 0 ? `; ${tale.lost} lost to it` : ""}.
            </Typography>
          ))}
          {part.state.heights.length > 0 && (
            <Typography>
              {which(part)}Height:{" "}
              {part.state.heights
                .slice(-3)
                .map((h) => `${length(h.mm, units)} ${nearDay(h.on, today)}`)
                .join(", ")}
              .
            </Typography>
          )}
          {part.state.symptoms.some((tale) => tale.isOpen) && (
            <ForRole role="volunteer">
              <Button variant="outlined" onClick={() => setAgain(part)}>
                {which(part)}Looked again…
              </Button>
            </ForRole>
          )}
        </Box>
      ))}
      <ForRole role="volunteer">
        <Button variant="outlined" sx={{ mt: 1 }} onClick={() => setWrong(true)}>
          Something wrong…
        </Button>
      </ForRole>
      {wrong && (
        <SymptomDialog
          parts={sown.map((part) => ({
            batchId: id,
            number,
            commonName,
            part: part.state.id,
            label: part.state.vessel?.label ?? null,
          }))}
          doneOn={doneOn}
          today={today}
          close={() => setWrong(false)}
        />
      )}
      {again && (
        <LookAgainDialog
          name={`B-${number} ${commonName}`}
          batchId={id}
          part={again.state.id}
          symptoms={again.state.symptoms.filter((tale) => tale.isOpen)}
          doneOn={doneOn}
          today={today}
          close={() => setAgain(null)}
        />
      )}
    </Card>
  );
}
