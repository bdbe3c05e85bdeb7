import { Box, Typography } from "@mui/material";
import type { BatchView } from "../../api/types";
import { SERIF } from "../../look/theme";
import { Card } from "../../shared/Card";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { addDays, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

interface GerminationCardProps {
  batch: BatchView;
  germination: NonNullable<BatchView["germination"]>;
  today: Day;
}

/** What came up of the whole batch. What nobody counted is not known, and before anything can be up the answer is when to look. */
export function GerminationCard({ batch, germination, today }: GerminationCardProps) {
  const { counted } = germination;
  const looks = batch.parts.flatMap(({ state, result }) =>
    result?.lookFrom != null && state.sownOn ? [addDays(state.sownOn, Math.ceil(result.lookFrom))] : [],
  );
  const first = looks.sort()[0];
  const headline =
    counted === "never"
      ? first && first > today
        ? `Look from ${shortDay(first, today)}`
        : "Not counted yet"
      : `${counted === "soFar" ? "At least " : ""}${percent(germination.fraction)} germinated`;
  return (
    <Card label="germination">
      <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
        <Typography
          component="p"
          sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.6rem" }}
          data-testid="germination"
        >
          {headline}
        </Typography>
        {counted === "never" ? (
          <Typography data-testid="germination-interval">
            {several(germination.seeds, "seed")} sown.{" "}
            {first && first > today
              ? "No seedlings are expected before that day."
              : "What came up is not known until you count."}
          </Typography>
        ) : (
          <>
            <Typography data-testid="germination-interval">
              {germination.germinated} of {germination.seeds}; 95 % interval {percent(germination.low)} to{" "}
              {percent(germination.high)}
              {counted === "soFar" && ". More may still come up."}
            </Typography>
            <Why lines={germination.working} about="germination" />
          </>
        )}
      </Box>
    </Card>
  );
}
