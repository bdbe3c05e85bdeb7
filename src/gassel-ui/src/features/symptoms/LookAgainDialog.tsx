import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import { useSymptoms } from "../../book/queries";
import type { Symptom, SymptomCourse, SymptomTale } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { Choice } from "../../shared/Choice";
import { wordsOf } from "../../shared/ChoiceField";
import { capital } from "../../shared/words";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { SymptomAdviceText } from "./SymptomAdviceText";
import { symptomSeen } from "./symptoms";

interface LookAgainDialogProps {
  name: string;
  batchId: string;
  part: string;
  /** Those that are not gone. */
  symptoms: SymptomTale[];
  doneOn: Day;
  today: Day;
  settles?: string;
  close: () => void;
}

const COURSES = wordsOf(WORDS.SymptomCourse).filter(([course]) => course !== "seen");

/** How each symptom went since the last look. */
export function LookAgainDialog(props: LookAgainDialogProps) {
  const { name, batchId, part, symptoms, doneOn, today, settles, close } = props;
  const advices = useSymptoms().data ?? [];
  const { record } = useRecord();
  const [courses, setCourses] = useState<Partial<Record<Symptom, SymptomCourse>>>({});
  const complete = symptoms.every((s) => courses[s.what]);
  const send = () => {
    close();
    void record(
      batchId,
      symptoms.map((s) => symptomSeen(part, s.what, courses[s.what])),
      doneOn,
      `${name}: looked again`,
      settles,
    );
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="again-title">
      <DialogTitle id="again-title">{name}: how is it now?</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        {symptoms.map((tale) => {
          const advice = advices.find((a) => a.what === tale.what);
          return (
            <Box key={tale.what} sx={{ display: "grid", gap: 1 }}>
              <Typography variant="h3">
                {capital(WORDS.Symptom[tale.what])}, since {nearDay(tale.firstOn, today)}
              </Typography>
              <Choice
                label={WORDS.Symptom[tale.what]}
                value={courses[tale.what] ?? ""}
                onChange={(course) => course !== "" && setCourses({ ...courses, [tale.what]: course })}
                options={COURSES}
              />
              {advice && courses[tale.what] !== "gone" && <SymptomAdviceText advice={advice} />}
            </Box>
          );
        })}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" disabled={!complete} onClick={send}>
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
