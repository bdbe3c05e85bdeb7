import { Box, Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Why } from "../../shared/Why";
import type { Day } from "../../time/days";
import { Warnings } from "../seed/LotPromise";
import { spaceWords } from "./space";

/** What a plan has to say beside its numbers: frost, own results, room, and what the lot warns of. */
export function PlanNotes({ plan, today }: { plan: PlanView; today: Day }) {
  const crowded = plan.space.filter((check) => !check.fits);
  return (
    <Box sx={{ mt: 0.5, display: "grid", gap: 0.25 }} data-testid="plan-notes">
      {plan.frost.map((line) => (
        <Typography key={line}>{line}</Typography>
      ))}
      {plan.surface && (
        <Typography sx={{ display: "flex", gap: 1 }} data-testid="plan-surface">
          {plan.surface.isTooThick && <AlarmMark />}
          <span>{plan.surface.words}</span>
        </Typography>
      )}
      <Typography data-testid="plan-flowers">{plan.flowers}</Typography>
      {plan.expected.plants !== null && <Typography>{plan.expected.why}</Typography>}
      {crowded.map((check) => (
        <Typography key={check.place} sx={{ display: "flex", gap: 1 }}>
          <AlarmMark /> <span>Room: {spaceWords(check, today)}.</span>
        </Typography>
      ))}
      <Warnings warnings={plan.lot.warnings} />
      <Box sx={{ ml: -1 }}>
        <Why lines={plan.lot.working} about="the germination taken" words="why this germination" />
      </Box>
    </Box>
  );
}
