import { WORDS } from "../../api/words";
import { Box, Button, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { useBatchBooks, useSite } from "../../book/queries";
import type { BatchBooks as Books, LossCause } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { PlantFlow } from "../../drawings/PlantFlow";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { tallyWords } from "../plants/plantWords";
import { forecastWords, seasonWords, moneyWords } from "./closingWords";
import { ProposalList } from "./ProposalList";
import { TreatmentList } from "./TreatmentList";
import { flowNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** The books of one batch on a page: seed, germination, time, losses, hands, cost, and what to change. */
export function BatchBooks() {
  const { id = "" } = useParams();
  const books = useBatchBooks(id);
  const today = useSite().data?.today;
  if (books.error) return <Failure error={books.error} />;
  if (!books.data || !today) return <Loading what="the books of the batch" />;
  const { account: b, proposals, compared, leftOver } = books.data;
  return (
    <Box
      sx={{ display: "grid", gap: 1.5, "@media print": { zoom: 0.8, "& section": { breakInside: "avoid" } } }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, flexWrap: "wrap" }}>
        <Typography variant="h1" data-testid="batch-books">
          Books of B-{b.number} {b.commonName}
        </Typography>
        <Typography color="text.secondary">
          {b.routeName}, lot {b.lotId}, {seasonWords(b.season)}
        </Typography>
        <Box sx={{ ml: "auto", displayPrint: "none" }}>
          <Button component={Link} to={`/batches/${b.id}`}>
            The batch
          </Button>
          <Button component={Link} to="/season/books">
            The season’s books
          </Button>
          <Button component="a" href={`/api/closing.csv?season=${b.season}`} download>
            Season as CSV
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </Box>
      </Box>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "minmax(0,1fr)", lg: "minmax(0,1.3fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Card label="from seed to plant">
          <Typography variant="h2">From seed to plant</Typography>
          <PlantFlow seeds={b.seeds} tally={b.plants} />
          <ChartTable {...flowNumbers(b.seeds, b.plants)} />
          <Typography sx={{ fontWeight: 600 }}>{tallyWords(b.plants)}</Typography>
          <Figures books={books.data} today={today} />
          {leftOver && <Typography>{leftOver}</Typography>}
        </Card>
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Cost books={books.data} />
          <Card label="what to change">
            <Typography variant="h2">What to change next winter</Typography>
            <ProposalList proposals={proposals} />
          </Card>
        </Box>
      </Box>
      {compared && (
        <Card label="treatments compared">
          <Typography variant="h2">Beside the other treatments of its season</Typography>
          <TreatmentList compared={compared} />
        </Card>
      )}
    </Box>
  );
}

function Figures({ books, today }: { books: Books; today: Day }) {
  const { palette } = useDevice();
  const b = books.account;
  const lost = b.plants.losses.map(
    (l) => `${l.plants} ${WORDS.LossCause[l.cause as LossCause]} (${WORDS.PlantStage[l.stage]})`,
  );
  const lines: [string, string][] = [
    ["begun", shortDay(b.startedOn, today)],
    [
      "germination",
      b.fraction === null || b.low === null || b.high === null
        ? "not counted yet"
        : `${b.counted === "soFar" ? "at least " : ""}${b.germinated} of ${b.seeds}, ` +
          `${percent(b.fraction)}; 95 % interval ${percent(b.low)} to ${percent(b.high)}`,
    ],
    ["forecast", forecastWords(b)],
    [
      "time",
      b.meanDays === null || b.firstUpOn === null
        ? "nothing up yet"
        : `first up ${shortDay(b.firstUpOn, today)}, ${b.meanDays.toFixed(0)} days from sowing on the mean`,
    ],
    ["cold", b.coldDays === 0 ? "none" : several(b.coldDays, "day")],
    ["lost", lost.length === 0 ? "none" : lost.join(", ")],
    ["work", `${several(b.gestures, "job")} recorded`],
    ["books", b.booksClosedOn ? `closed ${shortDay(b.booksClosedOn, today)}` : "open"],
  ];
  return (
    <Box component="dl" sx={{ m: 0, mt: 1 }}>
      {lines.map(([term, words]) => (
        <Box key={term} sx={{ display: "flex", gap: 1, borderTop: `1px solid ${palette.line}`, py: 0.4 }}>
          <Typography component="dt" color="text.secondary" sx={{ width: 104, flex: "none" }}>
            {term}
          </Typography>
          <Typography component="dd" sx={{ m: 0 }}>
            {words}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

function Cost({ books }: { books: Books }) {
  const { cost } = books.account;
  return (
    <Card label="cost">
      <Typography variant="h2">What it cost</Typography>
      <Typography sx={{ fontWeight: 600 }} data-testid="batch-cost">
        {moneyWords(cost.total, cost.perPlant, cost.saved)}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        Enter prices on the season’s books, and the price of a lot with the lot.
      </Typography>
      <Why lines={cost.working} about="the cost" />
    </Card>
  );
}
