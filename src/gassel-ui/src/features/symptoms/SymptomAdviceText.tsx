import { Box, Typography } from "@mui/material";
import type { SymptomAdvice } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";

/** What to do about a symptom, with its caution. */
export function SymptomAdviceText({ advice }: { advice: SymptomAdvice }) {
  return (
    <Box data-testid="symptom-advice" sx={{ display: "grid", gap: 0.75 }}>
      <Typography>{advice.toDo}</Typography>
      {advice.caution !== null && (
        <Typography sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
          <AlarmMark />
          <span>{advice.caution}</span>
        </Typography>
      )}
      <Typography variant="body2">
        Look again in {several(advice.lookAgainDays, "day")}. {advice.products} Common practice, no source.
      </Typography>
    </Box>
  );
}
