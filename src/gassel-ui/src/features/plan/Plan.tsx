import { useEffect, useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useLots, useSite, useSpecies } from "../../api/queries";
import type { LotView, SiteView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { actDay, addDays } from "../../time/days";
import { PlanAnswer } from "./PlanAnswer";
import { AIMS, firstWish, toRequest } from "./wish";
import type { Wish } from "./wish";

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
  const [wish, setWish] = useState<Wish>(() => ({
    ...firstWish(site.nextLastFrost),
    speciesId: withLots.some((s) => s.species.id === wanted)
      ? (wanted ?? "")
      : (withLots[0]?.species.id ?? ""),
    lotId: Number(asked.get("lot")) || null,
  }));
  const change = (part: Partial<Wish>) => setWish((before) => ({ ...before, ...part }));
  const chosen = species.find((s) => s.species.id === wish.speciesId)?.species;
  const ofSpecies = lots.filter((lot) => lot.details.speciesId === wish.speciesId);
  const lot = ofSpecies.find((l) => l.id === wish.lotId) ?? ofSpecies[0];
  const route = chosen?.routes.find((r) => r.id === wish.routeId) ?? chosen?.routes[0];

  const request = lot ? toRequest(wish, lot.id, route?.id ?? null, site.today) : null;
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
            value={wish.speciesId}
            onChange={(event) => change({ speciesId: event.target.value, routeId: null })}
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
            onChange={(event) => change({ lotId: Number(event.target.value) })}
            helperText={lot && germinationWords(lot)}
          >
            {ofSpecies.map((l) => (
              <MenuItem key={l.id} value={l.id}>
                {l.id}: {l.details.gatheredAt}
              </MenuItem>
            ))}
          </TextField>
          {chosen && chosen.routes.length > 1 && (
            <TextField
              select
              label="Route"
              name="routeId"
              value={route?.id ?? ""}
              onChange={(event) => change({ routeId: event.target.value })}
            >
              {chosen.routes.map((r) => (
                <MenuItem key={r.id} value={r.id}>
                  {r.name}
                </MenuItem>
              ))}
            </TextField>
          )}
          <TextField
            select
            label="Aim at"
            name="target"
            value={wish.aim}
            onChange={(event) => change({ aim: event.target.value as Wish["aim"] })}
          >
            {AIMS.map((aim) => (
              <MenuItem key={aim.id} value={aim.id}>
                {aim.words}
              </MenuItem>
            ))}
          </TextField>
          {(wish.aim === "sowByFrost" || wish.aim === "plantsByFrost") && (
            <>
              <NumberField
                label="Weeks from last frost"
                name="weeks"
                value={wish.weeks}
                onChange={(weeks) => change({ weeks })}
                min={-52}
                max={104}
                helper={
                  wish.weeks !== null && wish.frost
                    ? `${weekWords(wish.weeks)}: ${actDay(addDays(wish.frost, 7 * wish.weeks), site.today)}`
                    : "before it with a minus, as −6"
                }
              />
              <DayField
                label="Last frost"
                name="lastFrost"
                value={wish.frost}
                today={site.today}
                onChange={(frost) => change({ frost })}
              />
            </>
          )}
          {(wish.aim === "sowOn" || wish.aim === "plantsOn") && (
            <DayField
              label={wish.aim === "sowOn" ? "Sowing day" : "Plants ready on"}
              name="date"
              value={wish.date}
              today={site.today}
              onChange={(date) => change({ date })}
            />
          )}
          <NumberField
            label="Plants wanted"
            name="plants"
            value={wish.plants}
            onChange={(plants) => change({ plants })}
            min={1}
            max={1_000_000}
          />
          <TextField
            select
            label="Sown"
            name="cells"
            value={wish.seedsPerCell ?? 0}
            onChange={(event) => change({ seedsPerCell: Number(event.target.value) || null })}
          >
            <MenuItem value={0}>loose, or one to a cell</MenuItem>
            <MenuItem value={2}>two to a cell, thinned to one</MenuItem>
            <MenuItem value={3}>three to a cell, thinned to one</MenuItem>
          </TextField>
          <NumberField
            label="Spread over trays or containers"
            name="containers"
            value={wish.containers}
            onChange={(containers) => change({ containers })}
            min={1}
            max={60}
            helper="one in ten is lost whole (our assumption)"
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
            onRoute={(routeId) => change({ routeId })}
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
