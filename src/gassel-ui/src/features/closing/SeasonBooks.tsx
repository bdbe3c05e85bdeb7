import { useState } from "react";
import { Box, Button, Checkbox, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import { useClosing, useSite } from "../../api/queries";
import type { BatchAccount, SeasonSummary } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { PlantFlow } from "../../drawings/PlantFlow";
import { ForRole } from "../../people/ForRole";
import { useWho } from "../../people/usePerson";
import { uuid7 } from "../../record/entries";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { percent, several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { tallyWords } from "../plants/plantWords";
import { CostFields } from "./CostFields";
import { forecastWords, seasonWords, SETTING_WORDS } from "./closingWords";

/** The books of a season: what was sown, came up, was lost, cost, and what to change next winter. */
export function SeasonBooks() {
  const [season, setSeason] = useState<number | null>(null);
  const closing = useClosing(season);
  const site = useSite().data;
  if (closing.error) return <Failure error={closing.error} />;
  if (!closing.data || !site) return <Loading what="the books" />;
  const { batches, plants, seeds, ways, proposals, costs, totalCost, costPerPlant } = closing.data;
  const sown = batches.filter((b) => b.fraction !== null).reduce((sum, b) => sum + b.seeds, 0);
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
        <Typography variant="h1" data-testid="books-headline">
          Books of {seasonWords(closing.data.season)}
        </Typography>
        <ChoiceField
          label="Season"
          name="season"
          size="small"
          value={String(closing.data.season)}
          onChange={(year) => setSeason(Number(year))}
          choices={closing.data.seasons.map((s) => [String(s), seasonWords(s)] as const)}
          sx={{ minWidth: 150, "@media print": { display: "none" } }}
        />
        <Button
          component="a"
          href={`/api/closing.csv?season=${closing.data.season}`}
          download
          sx={{ "@media print": { display: "none" } }}
        >
          as CSV
        </Button>
        <Button onClick={() => window.print()} sx={{ "@media print": { display: "none" } }}>
          print
        </Button>
      </Box>
      {batches.length === 0 ? (
        <EmptyNote
          title="Nothing was begun in this season"
          action={
            <Button component={Link} to="/plan" variant="contained">
              plan a batch
            </Button>
          }
        >
          Every batch that begins in a season stands in its books, open until they are closed.
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
              <PlantFlow seeds={sown} tally={plants} />
              {sown < seeds && (
                <Typography variant="body2">
                  Drawn from the {several(sown, "seed")} sown; the others are still in their treatments.
                </Typography>
              )}
              <Typography sx={{ fontWeight: 600 }} data-testid="season-plants">
                {tallyWords(plants)}
              </Typography>
              <Typography>
                {totalCost.toFixed(2)} in all
                {costPerPlant === null ? "" : `, ${costPerPlant.toFixed(2)} a plant`}
                {costs.boughtPlant !== null && costPerPlant !== null
                  ? `, beside ${costs.boughtPlant.toFixed(2)} for one bought`
                  : ""}
                , by your prices below.
              </Typography>
              <Ways ways={ways} />
            </Card>
            <Card label="what to change">
              <Typography variant="h2">What to change next winter</Typography>
              {proposals.length === 0 && <Typography>The record speaks for no change.</Typography>}
              {proposals.map((p) => (
                <Box key={p.batch + p.kind} sx={{ mt: 0.75 }}>
                  <Typography sx={{ fontWeight: 600, lineHeight: 1.3 }}>{p.words}</Typography>
                  <Typography variant="body2">{p.because}</Typography>
                </Box>
              ))}
              <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
                Proposed by rules over the record; nothing changes by itself. Routes are changed on Species.
              </Typography>
            </Card>
          </Box>
          <NextSeason summary={closing.data} today={site.today} />
          <CostFields key={JSON.stringify(costs)} costs={costs} />
        </>
      )}
    </Box>
  );
}

function Ways({ ways }: { ways: SeasonSummary["ways"] }) {
  return (
    <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
      {ways.map((way) => (
        <li key={way.setting}>
          {SETTING_WORDS[way.setting]}: {several(way.batches, "batch", "batches")}, {percent(way.fraction)} of{" "}
          {way.seeds} came up ({percent(way.low)} to {percent(way.high)}); {several(way.plants, "plant")},{" "}
          {several(way.gestures, "time")} hands on, {way.cost.toFixed(2)}
        </li>
      ))}
    </Box>
  );
}

/** The batches one by one; those that are chosen are planned once more, a year on. */
function NextSeason({ summary, today }: { summary: SeasonSummary; today: Day }) {
  const { palette } = useDevice();
  const who = useWho();
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<string[]>([]);
  const [told, setTold] = useState<string[] | null>(null);
  const [error, setError] = useState<unknown>(null);
  const again = async () => {
    setError(null);
    try {
      const answer = await answered(
        api.POST("/api/closing/next-season", {
          body: { who, batches: chosen.map((from) => ({ from, id: uuid7() })) },
        }),
      );
      setTold([
        ...(answer.made.length === 0
          ? []
          : [
              `${several(answer.made.length, "batch", "batches")} planned for next season: ${answer.made.map((b) => `B-${b.number}`).join(", ")}.`,
            ]),
        ...answer.refused,
      ]);
      setChosen([]);
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const toggle = (id: string) =>
    setChosen((before) => (before.includes(id) ? before.filter((x) => x !== id) : [...before, id]));
  return (
    <Card label="batch by batch" sx={{ overflowX: "auto" }}>
      <Typography variant="h2">Batch by batch</Typography>
      <Box
        component="table"
        sx={{
          width: "100%",
          borderCollapse: "collapse",
          "& th, & td": {
            borderTop: `1px solid ${palette.line}`,
            py: 0.25,
            pr: 1,
            textAlign: "left",
            fontWeight: 400,
            verticalAlign: "middle",
          },
          "& thead th": { fontWeight: 600, borderTop: "none" },
        }}
      >
        <thead>
          <tr>
            <th>again</th>
            <th>batch</th>
            <th>came up</th>
            <th>forecast</th>
            <th>plants</th>
            <th>hands</th>
            <th>cost</th>
            <th>books</th>
          </tr>
        </thead>
        <tbody>
          {summary.batches.map((b) => (
            <Row
              key={b.id}
              batch={b}
              today={today}
              chosen={chosen.includes(b.id)}
              toggle={() => toggle(b.id)}
            />
          ))}
        </tbody>
      </Box>
      <ForRole role="grower">
        <Box
          sx={{
            display: "flex",
            alignItems: "center",
            gap: 1.5,
            flexWrap: "wrap",
            mt: 1,
            "@media print": { display: "none" },
          }}
        >
          <Button variant="contained" disabled={chosen.length === 0} onClick={() => void again()}>
            plan {chosen.length > 0 ? several(chosen.length, "batch", "batches") : "the chosen"} again for
            next season
          </Button>
          <Typography variant="body2" sx={{ flex: "1 1 40ch" }}>
            Same species, route and plants, a year on; the same lot, or the youngest where it is used up; the
            number of seeds by what their own results let expect.
          </Typography>
        </Box>
      </ForRole>
      <Failure error={error} />
      {told?.map((line) => (
        <Typography key={line} sx={{ fontWeight: 600 }} data-testid="next-season">
          {line}
        </Typography>
      ))}
    </Card>
  );
}

interface RowProps {
  batch: BatchAccount;
  today: Day;
  chosen: boolean;
  toggle: () => void;
}

function Row({ batch: b, today, chosen, toggle }: RowProps) {
  return (
    <tr data-testid={`book-${b.number}`}>
      <td>
        <Checkbox
          checked={chosen}
          onChange={toggle}
          slotProps={{ input: { "aria-label": `plan B-${b.number} again` } }}
          sx={{ width: 48, height: 48 }}
        />
      </td>
      <td>
        <Link to={`/batches/${b.id}`} style={{ color: "inherit" }}>
          <b>B-{b.number}</b>
        </Link>{" "}
        {b.commonName}, {b.routeName}
      </td>
      <td>
        {b.fraction === null || b.low === null || b.high === null
          ? "not sown yet"
          : `${percent(b.fraction)} of ${b.seeds}, ${percent(b.low)} to ${percent(b.high)}${b.meanDays === null ? "" : `; ${b.meanDays.toFixed(0)} days`}`}
      </td>
      <td>{forecastWords(b)}</td>
      <td>{tallyWords(b.plants)}</td>
      <td>{several(b.gestures, "time")}</td>
      <td style={{ whiteSpace: "nowrap" }}>
        {b.cost.total.toFixed(2)}
        {b.cost.perPlant === null ? "" : `; ${b.cost.perPlant.toFixed(2)} each`}
        <Why lines={b.cost.working} about={`the cost of B-${b.number}`} />
      </td>
      <td>
        {b.booksClosedOn
          ? `closed ${shortDay(b.booksClosedOn, today)}`
          : b.isOver
            ? "ready to close"
            : "open"}
      </td>
    </tr>
  );
}
