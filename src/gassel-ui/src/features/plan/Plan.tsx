import { useMemo, useState } from "react";
import { Box, Button } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useLots, useSite, useSpecies } from "../../api/queries";
import type { LotView, SiteView, SpeciesView } from "../../api/types";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { PlanAnswer } from "./PlanAnswer";
import { PlanForm } from "./PlanForm";
import { firstWish, toRequest } from "./wish";
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
    ...firstWish(site),
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

  const request = lot ? toRequest(wish, lot.id, route?.id ?? null, site.today, site.frostDays) : null;
  // a keystroke asks at once; the answer to an older one is dropped
  const asking = JSON.stringify(request);
  const settled = useMemo(() => JSON.parse(asking) as typeof request, [asking]);
  const plan = useQuery({
    queryKey: ["plan", settled],
    enabled: settled !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: ({ signal }) => {
      if (!settled) throw new Error("nothing to plan");
      return answered(api.POST("/api/plan", { body: settled, signal }));
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
      <PlanForm
        wish={wish}
        change={change}
        species={withLots.map((view) => view.species)}
        lots={ofSpecies}
        lot={lot}
        route={route}
        frostDays={site.frostDays}
        today={site.today}
      />
      <Box>
        <Failure error={plan.error} />
        {!plan.error && plan.data && settled && (
          <PlanAnswer
            plan={plan.data}
            request={settled}
            today={site.today}
            stale={plan.isPlaceholderData || request === null}
            onRoute={(routeId) => change({ routeId })}
            onStartOn={(date) => change({ aim: "startOn", date })}
            sown={wish.sown}
            onSown={(sown) => change({ sown })}
          />
        )}
      </Box>
    </Box>
  );
}
