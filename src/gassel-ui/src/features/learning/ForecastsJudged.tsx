import { Box, Typography } from "@mui/material";
import { useForecastsJudged, useSite } from "../../book/queries";
import { ForecastsChart } from "../../drawings/ForecastsChart";
import { WORDS } from "../../api/words";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";

/** How what was said of batches when they were planned did, kind by kind. */
export function ForecastsJudged() {
  const today = useSite().data?.today;
  const { data: kinds, error } = useForecastsJudged();
  if (error) return <Failure error={error} />;
  if (!kinds || !today || kinds.length === 0) return null;
  return (
    <Card label="forecasts beside what came" sx={{ mt: 2 }}>
      <Typography variant="h2">What was said, beside what came</Typography>
      {kinds.map((kind) => (
        <Box key={kind.kind} sx={{ mt: 1 }} data-testid={`judged-${kind.kind}`}>
          <Typography>
            {kind.words} <Why lines={kind.working} about={`forecasts of ${WORDS.ForecastKind[kind.kind]}`} />
          </Typography>
          <ForecastsChart judged={kind} today={today} />
        </Box>
      ))}
    </Card>
  );
}
