import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useClosing, useSite } from "../../book/queries";
import type { SeasonAccount } from "../../api/types";
import { PlantFlow } from "../../drawings/PlantFlow";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { percent, several } from "../../shared/numbers";
import { tallyWords } from "../plants/plantWords";
import { BatchByBatch } from "./BatchByBatch";
import { CostFields } from "./CostFields";
import { seasonWords, moneyWords } from "./closingWords";
import { ProposalList } from "./ProposalList";
import { TreatmentList } from "./TreatmentList";
import { flowNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** Species of the season, each once. */
const speciesOf = (batches: { speciesId: string; commonName: string }[]): [string, string][] =>
  [...new Map(batches.map((b) => [b.speciesId, b.commonName]))].sort((a, b) => a[1].localeCompare(b[1]));

/** The books of a season: what was sown, came up, was lost, cost, and what to change next winter. */
export function SeasonBooks() {
  const [season, setSeason] = useState<number | null>(null);
  const closing = useClosing(season);
  const site = useSite().data;
  if (closing.error) return <Failure error={closing.error} />;
  if (!closing.data || !site) return <Loading what="the books" />;
  const { account, seasons, costs } = closing.data;
  const { batches, plants, seeds, seedsSown, ways, proposals, treatments, totalCost, costPerPlant } = account;
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
        <Typography variant="h1" data-testid="books-headline">
          Books of {seasonWords(account.season)}
        </Typography>
        <ChoiceField
          label="Season"
          name="season"
          size="small"
          value={String(account.season)}
          onChange={(year) => setSeason(Number(year))}
          choices={seasons.map((s) => [String(s), seasonWords(s)] as const)}
          sx={{ minWidth: 150, "@media print": { display: "none" } }}
        />
        <Button
          component="a"
          href={`/api/closing.csv?season=${account.season}`}
          download
          sx={{ "@media print": { display: "none" } }}
        >
          As CSV
        </Button>
        <Button onClick={() => window.print()} sx={{ "@media print": { display: "none" } }}>
          Print
        </Button>
      </Box>
      {batches.length === 0 ? (
        <EmptyNote
          title="Nothing was begun in this season"
          action={
            <Button component={Link} to="/plan" variant="contained">
              Plan a batch
            </Button>
          }
        >
          Every batch that starts in a season is listed here. Close its books when it is done.
        </EmptyNote>
      ) : (
        <>
          <Box
            sx={{
              display: "grid",
              gap: 1.5,
              gridTemplateColumns: { xs: "minmax(0,1fr)", lg: "minmax(0,1.3fr) minmax(0,1fr)" },
              alignItems: "start",
            }}
          >
            <Card label="the season">
              <Typography variant="h2">
                {several(batches.length, "batch", "batches")}, {several(seeds, "seed")}
              </Typography>
              <PlantFlow seeds={seedsSown} tally={plants} />
              <ChartTable {...flowNumbers(seedsSown, plants)} />
              {seedsSown < seeds && (
                <Typography variant="body2">
                  Of the {several(seedsSown, "seed")} sown so far; the others are still in treatment.
                </Typography>
              )}
              <Typography sx={{ fontWeight: 600 }} data-testid="season-plants">
                {tallyWords(plants)}
              </Typography>
              <Typography>{moneyWords(totalCost, costPerPlant, account.saved)}.</Typography>
              <Ways ways={ways} />
            </Card>
            <Card label="what to change">
              <Typography variant="h2">What to change next winter</Typography>
              <ProposalList proposals={proposals} />
              <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
                Suggested by rules from your records; nothing changes by itself. Change routes on Species.
              </Typography>
            </Card>
          </Box>
          {treatments.length > 0 && (
            <Card label="treatments compared">
              <Typography variant="h2">Treatments compared</Typography>
              {treatments.map((compared) => (
                <TreatmentList key={compared.speciesId} compared={compared} />
              ))}
            </Card>
          )}
          <BatchByBatch account={account} today={site.today} />
          <CostFields key={JSON.stringify(costs)} costs={costs} species={speciesOf(batches)} />
        </>
      )}
    </Box>
  );
}

function Ways({ ways }: { ways: SeasonAccount["ways"] }) {
  return (
    <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
      {ways.map((way) => (
        <li key={way.setting}>
          {WORDS.RouteSetting[way.setting]}: {several(way.batches, "batch", "batches")},{" "}
          {percent(way.fraction)} of {way.seeds} came up{way.open > 0 ? " so far" : ""} ({percent(way.low)} to{" "}
          {percent(way.high)}); {several(way.plants, "plant")}, {several(way.gestures, "job")} recorded
          {way.cost === null ? "" : `, ${way.cost.toFixed(2)} spent`}
          {way.open > 0 && `; ${way.open} still coming up`}
        </li>
      ))}
    </Box>
  );
}
