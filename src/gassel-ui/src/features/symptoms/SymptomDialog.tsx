import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import { useSymptoms } from "../../book/queries";
import type { SymptomAdvice } from "../../api/types";
import { PhotoButton } from "../../record/PhotoButton";
import { useRecord } from "../../record/RecordProvider";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { capital } from "../../shared/words";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { partName } from "../places/move";
import type { Standing } from "../places/move";
import { PartTicks } from "../places/PartTicks";
import { seenAt } from "./symptoms";
import { SymptomAdviceText } from "./SymptomAdviceText";

interface SymptomDialogProps {
  /** What may have it; one alone needs no choice. */
  parts: Standing[];
  doneOn: Day;
  today: Day;
  close: () => void;
}

/** Something is wrong: where, and what. The second touch records it, and what to do is told at once. */
export function SymptomDialog({ parts, doneOn, today, close }: SymptomDialogProps) {
  const symptoms = useSymptoms();
  const { record, recordMany } = useRecord();
  const [ticked, setTicked] = useState<number[]>(() => (parts.length === 1 ? [0] : []));
  const [told, setTold] = useState<SymptomAdvice | null>(null);
  const chosen = parts.filter((_, i) => ticked.includes(i));
  const send = async (advice: SymptomAdvice) => {
    const [first, ...rest] = seenAt(chosen, advice.what);
    if (!first) return;
    const one = chosen.length === 1 ? chosen[0] : undefined;
    const words = `${one ? partName(one) : several(chosen.length, "vessel")}: ${WORDS.Symptom[advice.what]}`;
    setTold(advice);
    await (rest.length === 0
      ? record(first.batch, first.payloads, doneOn, words)
      : recordMany([first, ...rest], doneOn, words, []));
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="symptom-title">
      <DialogTitle id="symptom-title">
        {told
          ? `${capital(WORDS.Symptom[told.what])}: what to do`
          : `Something wrong${doneOn === today ? "" : `, ${nearDay(doneOn, today)}`}`}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
        {told ? (
          <SymptomAdviceText advice={told} />
        ) : (
          <>
            <Failure error={symptoms.error} />
            {parts.length > 1 && (
              <PartTicks label="where it is seen" parts={parts} ticked={ticked} change={setTicked} />
            )}
            <Typography variant="h3">
              {chosen.length === 0 ? "Tick where you see it, then what it is" : "What do you see?"}
            </Typography>
            <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
              {(chosen.length === 0 ? [] : (symptoms.data ?? [])).map((advice) => (
                <Button
                  key={advice.what}
                  variant="outlined"
                  data-testid={`symptom-${advice.what}`}
                  sx={{ display: "block", minHeight: 60, textAlign: "left", lineHeight: 1.2, px: 1 }}
                  onClick={() => void send(advice)}
                >
                  {capital(WORDS.Symptom[advice.what])}
                  <Typography component="span" variant="body2" sx={{ display: "block", fontWeight: 400 }}>
                    {advice.sign}
                  </Typography>
                </Button>
              ))}
            </Box>
          </>
        )}
      </DialogContent>
      <DialogActions>
        {told && chosen[0] && chosen.length === 1 && (
          <PhotoButton batch={chosen[0].batchId} number={chosen[0].number} part={chosen[0].part} />
        )}
        <Button onClick={close}>{told ? "Close" : "Cancel"}</Button>
      </DialogActions>
    </Dialog>
  );
}
