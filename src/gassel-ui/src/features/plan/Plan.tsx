import { useEffect, useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useLots, useSite, useSpecies } from "../../api/queries";
import type { LotView, PlanRequest, SiteView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { actDay, addDays } from "../../time/days";
import { PlanAnswer } from "./PlanAnswer";

/** From a wish to dates and seeds, live as one types. */
export function Plan() {
  const site = useSite();
  const species = useSpecies();
  const lots = useLots();
  const error = site.error ?? species.error ?? lots.error;
  if (error) return <Failure error={error} />;
  if (!site.data || !species.data || !lots.data) return <Loading what="what planning needs" />;
  if (!site.data.site) {
    return (
      <EmptyNote
        title="First the site"
        action={
          <Button component={Link} to="/site" variant="contained">
            name the site
          </Button>
        }
      >
        A plan counts back from the last frost, so Gassel needs to know when that is where you grow.
      </EmptyNote>
    );
  }
  if (lots.data.length === 0) {
    return (
      <EmptyNote
        title="First the seed"
        action={
          <Button component={Link} to="/seed" variant="contained">
            enter a seed lot
          </Button>
        }
      >
        A plan takes seed of a lot: where it was gathered, how much there is and how well it comes up.
      </EmptyNote>
    );
  }
  return <PlanPage site={site.data} species={species.data} lots={lots.data} />;
}

function PlanPage({ site, species, lots }: { site: SiteView; species: SpeciesView[]; lots: LotView[] }) {
  const [asked] = useSearchParams();
  const withLots = species.filter((s) => lots.some((lot) => lot.details.speciesId === s.species.id));
  const wanted = asked.get("species");
  const [speciesId, setSpeciesId] = useState(
    withLots.some((s) => s.species.id === wanted) ? (wanted ?? "") : (withLots[0]?.species.id ?? ""),
  );
  const ofSpecies = lots.filter((lot) => lot.details.speciesId === speciesId);
  const [lotId, setLotId] = useState<number | null>(Number(asked.get("lot")) || null);
  const lot = ofSpecies.find((l) => l.id === lotId) ?? ofSpecies[0];
  const [plants, setPlants] = useState<number | null>(30);
  const [target, setTarget] = useState<PlanRequest["target"]>("sow");
  const [weeks, setWeeks] = useState<number | null>(-6);
  const [frost, setFrost] = useState<string | null>(site.nextLastFrost);

  const request: PlanRequest | null =
    lot && plants !== null && weeks !== null && frost !== null
      ? {
          speciesId,
          routeId: null,
          lotId: lot.id,
          plants,
          target,
          lastFrost: frost,
          weeksFromLastFrost: weeks,
          survival: null,
          confidence: null,
        }
      : null;
  const settled = useSettled(request, 120);
  const plan = useQuery({
    queryKey: ["plan", settled],
    enabled: settled !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () => {
      if (!settled) throw new Error("nothing to plan");
      return answered(api.POST("/api/plan", { body: settled }));
    },
  });

  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "300px minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Card label="what you want">
        <Typography variant="h1" sx={{ mb: 1.5 }}>
          Plan
        </Typography>
        <Box
          component="form"
          noValidate
          sx={{ display: "grid", gap: 1.5 }}
          onSubmit={(event) => event.preventDefault()}
        >
          <TextField
            select
            label="Species"
            name="speciesId"
            value={speciesId}
            onChange={(event) => setSpeciesId(event.target.value)}
          >
            {withLots.map(({ species: s }) => (
              <MenuItem key={s.id} value={s.id}>
                {s.commonName}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label="Lot"
            name="lotId"
            value={lot?.id ?? ""}
            onChange={(event) => setLotId(Number(event.target.value))}
            helperText={lot && germinationWords(lot)}
          >
            {ofSpecies.map((l) => (
              <MenuItem key={l.id} value={l.id}>
                {l.id}: {l.details.gatheredAt}
              </MenuItem>
            ))}
          </TextField>
          <NumberField
            label="Plants wanted"
            name="plants"
            value={plants}
            onChange={setPlants}
            min={1}
            max={1_000_000}
          />
          <TextField
            select
            label="Aim at"
            name="target"
            value={target}
            onChange={(event) => setTarget(event.target.value as PlanRequest["target"])}
          >
            <MenuItem value="sow">sowing day</MenuItem>
            <MenuItem value="plantOut">plants ready to plant out</MenuItem>
          </TextField>
          <NumberField
            label="Weeks from last frost"
            name="weeks"
            value={weeks}
            onChange={setWeeks}
            min={-52}
            max={104}
            helper={
              weeks !== null && frost
                ? `${weekWords(weeks)}: ${actDay(addDays(frost, 7 * weeks), site.today)}`
                : "before it with a minus, as −6"
            }
          />
          <DayField
            label="Last frost"
            name="lastFrost"
            value={frost}
            today={site.today}
            onChange={setFrost}
          />
        </Box>
      </Card>
      <Box>
        <Failure error={plan.error} />
        {!plan.error && plan.data && settled && (
          <PlanAnswer
            plan={plan.data}
            request={settled}
            today={site.today}
            stale={plan.isPlaceholderData || request === null}
          />
        )}
      </Box>
    </Box>
  );
}

function germinationWords(lot: LotView): string {
  const { test, assumedFraction } = lot.details;
  const known = test
    ? `${test.germinated} of ${test.seeds} came up in a test`
    : `${percent(assumedFraction ?? 0)} assumed`;
  return `${lot.seedsLeft} seeds left; ${known}`;
}

function weekWords(weeks: number): string {
  if (weeks === 0) return "on it";
  const count = Math.abs(weeks);
  return `${count} ${count === 1 ? "week" : "weeks"} ${weeks < 0 ? "before" : "after"}`;
}

/** The value once it has stood still for a moment. */
function useSettled<T>(value: T, ms: number): T {
  const key = JSON.stringify(value);
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(JSON.parse(key) as T), ms);
    return () => clearTimeout(timer);
  }, [key, ms]);
  return settled;
}
