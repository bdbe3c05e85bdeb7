import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, ToggleButton, Typography } from "@mui/material";
import { Link } from "react-router";
import { useSeason } from "../../book/queries";
import type { SeasonView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";
import { ribbonNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";
import { CalendarCard } from "./CalendarCard";
import { SeasonDates } from "./SeasonDates";
import { SeasonChart } from "./SeasonChart";
import { isLate, shown, SPANS, spanOf, WHOLE } from "./seasonFilter";
import type { SeasonFilter, Span } from "./seasonFilter";
import { WhatIf } from "./WhatIf";

/** The whole winter at once: every batch along time, what is late, and where the room ends. */
export function Season() {
  const season = useSeason();
  const { palette } = useDevice();
  const [filter, setFilter] = useState<SeasonFilter>(WHOLE);
  const [span, setSpan] = useState<Span>("season");
  const [chosen, setChosen] = useState<string | null>(null);
  if (season.error) return <Failure error={season.error} />;
  if (!season.data) return <Loading what="the season" />;
  const view = season.data;
  if (view.rows.length === 0) {
    return (
      <EmptyNote
        title="No batches in this season yet"
        action={
          <>
            <Button component={Link} to="/plan" variant="contained" sx={{ mr: 1 }}>
              Plan a batch
            </Button>
            <Button component={Link} to="/season/wishes" variant="outlined" sx={{ mr: 1 }}>
              Plan the winter from a list
            </Button>
            <Button component={Link} to="/batches/told" variant="outlined">
              Add batches already in progress
            </Button>
          </>
        }
      >
        Each batch becomes a ribbon along the winter. Begin with a plan, or add what is in the fridge already.
      </EmptyNote>
    );
  }
  const rows = shown(view.rows, filter);
  const row = view.rows.find((r) => r.id === chosen);
  const [from, to] = spanOf(span, view);
  const species = [...new Map(view.rows.map((r) => [r.speciesId, r.commonName]))].sort((a, b) =>
    a[1].localeCompare(b[1]),
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        page: "season",
        "@media print": { zoom: 0.8, "& svg[data-testid]": { maxHeight: "160mm" } },
      }}
    >
      <Card label="season">
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, alignItems: "center" }}>
          <Typography variant="h1" sx={{ mr: 1 }}>
            Season
          </Typography>
          <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", ml: "auto", displayPrint: "none" }}>
            <ChoiceField
              size="small"
              label="Place"
              name="place"
              value={filter.place}
              sx={{ width: 150 }}
              onChange={(place) => setFilter({ ...filter, place })}
              choices={[["any", "every place"], ["notBegun", "not begun"], ...wordsOf(WORDS.PlaceKind)]}
            />
            <ChoiceField
              size="small"
              label="Species"
              name="species"
              value={filter.species}
              sx={{ width: 190 }}
              onChange={(chosenSpecies) => setFilter({ ...filter, species: chosenSpecies })}
              choices={[["any", "every species"], ...species]}
            />
            <ChoiceField
              size="small"
              label="Days"
              name="span"
              value={span}
              sx={{ width: 200 }}
              onChange={setSpan}
              choices={SPANS.map((s) => [s.id, s.words])}
            />
            <ToggleButton
              value="late"
              selected={filter.lateOnly}
              onChange={() => setFilter({ ...filter, lateOnly: !filter.lateOnly })}
            >
              Only late
            </ToggleButton>
            <Button variant="outlined" component={Link} to="/season/wishes">
              Wishes
            </Button>
            <Button variant="outlined" onClick={() => window.print()}>
              Print
            </Button>
          </Box>
        </Box>
        <Standing view={view} />
        {row && <WhatIf row={row} today={view.today} close={() => setChosen(null)} key={row.id} />}
        {rows.length === 0 ? (
          <Typography sx={{ py: 2 }}>Nothing matches. Choose every place and every species.</Typography>
        ) : (
          <SeasonChart
            view={view}
            rows={rows}
            from={from}
            to={to}
            chosen={chosen}
            onChoose={(id) => setChosen(id === chosen ? null : id)}
          />
        )}
        {rows.length > 0 && (
          <ChartTable
            {...ribbonNumbers(
              rows.map((r) => ({ name: `B-${r.number} ${r.commonName}`, stretches: r.ribbon })),
              view.today,
            )}
          />
        )}
        <Typography variant="body2" sx={{ color: palette.ink2, mt: 0.5 }}>
          Solid: done. Dashed: expected. Thin line: the plan, where it differed. Soft ochre: days on which it
          may begin. ▲ target day. {view.frost.length > 0 && "Blue: darker where frost came in more years. "}
          Below: room used; the dotted line is full.
        </Typography>
      </Card>
      <SeasonDates season={{ ...view, rows }} />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button component={Link} to="/season/years" variant="outlined">
          Over the years
        </Button>
        <Button component={Link} to="/season/books" variant="outlined">
          Books of the season
        </Button>
      </Box>
      <CalendarCard />
    </Box>
  );
}

/** What stands out, in sentences. */
function Standing({ view }: { view: SeasonView }) {
  const late = view.rows.filter(isLate).length;
  const missing = view.rows.filter((r) => r.missesBy > 0);
  const crowded = view.space.filter((s) => s.overflows.length > 0);
  return (
    <Box sx={{ mb: 0.5 }} data-testid="season-standing">
      <Typography>
        {several(view.rows.length, "batch", "batches")}, {late} late
        {missing.length > 0 && `; ${missing.length} would miss the target day`}.
      </Typography>
      {crowded.map((s) => {
        const worst = s.overflows.reduce((a, b) => (b.taken > a.taken ? b : a));
        return (
          <Typography key={s.place} sx={{ display: "flex", gap: 0.75 }} data-testid={`crowded-${s.place}`}>
            <AlarmMark />
            <span>
              {WORDS.PlaceKind[s.place]}: {worst.taken} of {s.capacity} {s.unit} from{" "}
              {shortDay(worst.from, view.today)} to {shortDay(worst.to, view.today)}
              {s.overflows.length > 1 && `, and ${several(s.overflows.length - 1, "other time")}`}.{" "}
              {s.suggestion}
            </span>
          </Typography>
        );
      })}
    </Box>
  );
}
