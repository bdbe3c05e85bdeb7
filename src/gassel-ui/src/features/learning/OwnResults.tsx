import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useSite, useSpeciesResults } from "../../book/queries";
import type { RouteResults } from "../../api/types";
import { ColdEffectChart } from "../../drawings/ColdEffectChart";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { useRecord } from "../../record/RecordProvider";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** What own batches of a species did, beside what was expected of them, and what they propose. */
export function OwnResults({ species }: { species: string }) {
  const results = useSpeciesResults(species).data;
  if (!results || results.length === 0) return null;
  return (
    <Card label="own results" sx={{ mt: 2 }}>
      <Typography variant="h2">Own results</Typography>
      {results.map((route) => (
        <OfRoute key={route.routeId} species={species} route={route} />
      ))}
    </Card>
  );
}

/** An accident on record keeps a result out of what is learned; the grower has the last word. */
function Teaching({ batch, today }: { batch: RouteResults["batches"][number]; today: Day | undefined }) {
  const { record } = useRecord();
  if (!today || (batch.accident === null && !batch.judged)) return null;
  const out = batch.accident !== null;
  return (
    <Box component="span" sx={{ display: "inline-flex", alignItems: "center", gap: 1 }}>
      {out ? `Left out: ${batch.accident}.` : "Used for planning, as you said."}
      <ForRole role="grower">
        <Button
          size="small"
          onClick={() =>
            void record(
              batch.id,
              [{ kind: "resultJudged", teaches: out, why: null }],
              today,
              out ? "Result used for planning" : "Result left out of planning",
            )
          }
        >
          {out ? "Use it" : "Leave it out"}
        </Button>
      </ForRole>
    </Box>
  );
}

function OfRoute({ species, route }: { species: string; route: RouteResults }) {
  const { palette } = useDevice();
  const today = useSite().data?.today;
  const { learned, window, cold } = route;
  const proposal = window?.proposal;
  return (
    <Box sx={{ mt: 1 }} data-testid={`results-${route.routeId}`}>
      <Typography variant="h3">Route: {route.routeName}</Typography>
      <Typography data-testid="learned">
        {learned.batches > 0
          ? `${learned.germinated} of ${learned.seeds} came up in ${several(learned.batches, "batch", "batches")}. `
          : "No finished batch of your own yet. "}
        Of a new batch of fresh wild seed {percent(learned.mean)} are expected, nine in ten between{" "}
        {percent(learned.low)} and {percent(learned.high)}; before own results {percent(learned.priorMean)}.{" "}
        <Why lines={learned.working} about="what is expected" />
      </Typography>
      {route.others.map((other) => (
        <Typography key={other.nursery} data-testid="others">
          {other.nursery}, not your own: {other.germinated} of {other.seeds} came up in{" "}
          {several(other.batches, "batch", "batches")} treated alike.
        </Typography>
      ))}
      <Box
        sx={{ overflowX: "auto", display: route.batches.length > 0 ? "block" : "none" }}
        tabIndex={0}
        role="region"
        aria-label="batches of this route"
      >
        <Box
          component="table"
          sx={{
            borderSpacing: 0,
            width: "100%",
            "& td, & th": { textAlign: "right", py: 0.4, px: 1, borderBottom: `1px solid ${palette.line}` },
            "& :first-of-type": { textAlign: "left" },
            "& td": { whiteSpace: "nowrap" },
          }}
        >
          <thead>
            <tr>
              <th>batch</th>
              <th>over</th>
              <th>cold</th>
              <th>expected</th>
              <th>came up</th>
              <th>beside the forecast</th>
            </tr>
          </thead>
          <tbody>
            {route.batches.map((b) => (
              <tr key={b.id}>
                <td>
                  <Link to={`/batches/${b.id}`} style={{ color: palette.slate }}>
                    B-{b.number}
                  </Link>
                </td>
                <td>{shortDay(b.overOn, today)}</td>
                <td>{b.coldDays} days</td>
                <td>
                  {b.forecast
                    ? `${percent(b.forecast.mean)}, ${percent(b.forecast.low)} to ${percent(b.forecast.high)}${b.forecastKept ? "" : " *"}`
                    : "unknown"}
                </td>
                <td>
                  {b.atLeast ? "at least " : ""}
                  {percent(b.fraction)}, {percent(b.low)} to {percent(b.high)} ({b.germinated} of {b.seeds})
                </td>
                <td>
                  <Teaching batch={b} today={today} />
                  {b.within === null || !b.forecast
                    ? ""
                    : b.within
                      ? "as expected"
                      : b.fraction > b.forecast.mean
                        ? "better"
                        : "worse"}
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
      </Box>
      {route.batches.some((b) => b.forecast && !b.forecastKept) && (
        <Typography variant="body2" color="text.secondary">
          * no forecast was kept with the plan; calculated afterwards from the batches that were over before
          it.
        </Typography>
      )}
      {cold && (
        <Box sx={{ mt: 1 }}>
          <Typography sx={{ fontWeight: cold.speaks ? 600 : 400 }} data-testid="cold-words">
            {cold.words} {cold.trial} <Why lines={cold.working} about="what the cold does" />
          </Typography>
          {cold.byThermometer && <Typography variant="body2">{cold.byThermometer}</Typography>}
          {(cold.curve.length > 1 || new Set(cold.batches.map((b) => b.coldDays)).size > 1) && (
            <ColdEffectChart cold={cold} />
          )}
        </Box>
      )}
      {window && <Typography sx={{ mt: 0.5 }}>{window.words}</Typography>}
      {proposal && (
        <ForRole role="grower">
          <Button
            component={Link}
            variant="outlined"
            to={
              `/species/${species}/routes/${route.routeId}?germinate=${proposal.shortest}-` +
              `${proposal.usual}-${proposal.longest}&origin=own results`
            }
          >
            Try it as a new version of the route
          </Button>
        </ForRole>
      )}
    </Box>
  );
}
