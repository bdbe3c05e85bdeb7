import { Box, Typography } from "@mui/material";
import { useForecastsJudged, useFrostsJudged, useSite } from "../../book/queries";
import { frostToldNumbers } from "../../drawings/chartNumbers";
import { ForecastsChart } from "../../drawings/ForecastsChart";
import { WORDS } from "../../api/words";
import { Card } from "../../shared/Card";
import { ChartTable } from "../../shared/ChartTable";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";

/** How what was said of batches, of containers and of frost did, kind by kind. */
export function ForecastsJudged() {
  const today = useSite().data?.today;
  const { data: kinds, error } = useForecastsJudged();
  const { data: frosts, error: failed } = useFrostsJudged();
  if (error ?? failed) return <Failure error={error ?? failed} />;
  if (!kinds || !frosts || !today || kinds.length + frosts.length === 0) return null;
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
      {frosts.map((frost) => (
        <Box
          key={String(frost.inside)}
          sx={{ mt: 1 }}
          data-testid={frost.inside ? "frosts-inside" : "frosts"}
        >
          <Typography>
            {frost.words} <Why lines={frost.working} about="forecasts of frost" />
          </Typography>
          <ChartTable {...frostToldNumbers(frost, today)} />
        </Box>
      ))}
    </Card>
  );
}
