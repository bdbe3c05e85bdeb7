import { useMemo, useState } from "react";
import { Box, Button } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useBatch, useLots, useSite, useSpecies } from "../../book/queries";
import type { BatchView, LotView, SiteView, SpeciesView } from "../../api/types";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { FieldsTold } from "../../shared/FieldsTold";
import { Loading } from "../../shared/Loading";
import { PlanAnswer } from "./PlanAnswer";
import { PlanForm } from "./PlanForm";
import { AIM_OF, firstWish, sownOf, toRequest } from "./wish";
import type { Wish } from "./wish";

/** From a wish to dates and seeds, live as one types. */
export function Plan() {
  const site = useSite();
  const species = useSpecies();
  const lots = useLots();
  const [asked] = useSearchParams();
  const changing = asked.get("change");
  const old = useBatch(changing ?? "");
  const error = site.error ?? species.error ?? lots.error ?? (changing ? old.error : null);
  if (error) return <Failure error={error} />;
  if (!site.data || !species.data || !lots.data || (changing && !old.data))
    return <Loading what="what planning needs" />;
  if (!site.data.site) {
    return (
      <EmptyNote
        title="First the site"
        action={
          <Button component={Link} to="/site" variant="contained">
            Name the site
          </Button>
        }
      >
        A plan counts back from the last frost, so Gassel needs to know when that is where you grow.
      </EmptyNote>
    );
  }
  return (
    <PlanPage
      site={site.data}
      species={species.data}
      lots={lots.data}
      old={changing ? (old.data ?? null) : null}
    />
  );
}

interface PlanPageProps {
  site: SiteView;
  species: SpeciesView[];
  lots: LotView[];
  /** The batch that is planned anew; null for a new one. */
  old: BatchView | null;
}

function PlanPage({ site, species, lots, old }: PlanPageProps) {
  const [asked] = useSearchParams();
  // those of which there is seed first, the others as well: seed may still be found
  const hasSeed = (id: string) => lots.some((lot) => lot.details.speciesId === id);
  const listed = [...species].sort(
    (a, b) =>
      Number(hasSeed(b.species.id)) - Number(hasSeed(a.species.id)) ||
      a.species.commonName.localeCompare(b.species.commonName),
  );
  const wanted = asked.get("species");
  const first = firstWish(site);
  const [wish, setWish] = useState<Wish>(() => ({
    ...first,
    speciesId: species.some((s) => s.species.id === wanted) ? (wanted ?? "") : (listed[0]?.species.id ?? ""),
    routeId: asked.get("route"),
    aim: AIM_OF[asked.get("event") ?? ""] ?? first.aim,
    date: asked.get("date"),
    plants: Number(asked.get("plants")) || 30,
    name: asked.get("name") ?? "",
    lotId: Number(asked.get("lot")) || null,
    ...(old ? sownOf(old.plan) : {}),
  }));
  const change = (part: Partial<Wish>) => setWish((before) => ({ ...before, ...part }));
  const chosen = species.find((s) => s.species.id === wish.speciesId)?.species;
  const ofSpecies = lots.filter((lot) => lot.details.speciesId === wish.speciesId);
  const lot = ofSpecies.find((l) => l.id === wish.lotId) ?? ofSpecies[0];
  const route = chosen?.routes.find((r) => r.id === wish.routeId) ?? chosen?.routes[0];

  const request = chosen
    ? toRequest(wish, lot?.id ?? null, route?.id ?? null, site.today, site.frostDays)
    : null;
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
    <FieldsTold error={plan.error}>
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
          species={listed.map((view) => view.species)}
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
              changing={
                old ? { id: old.summary.id, number: old.summary.number, seeds: old.plan.seeds } : null
              }
            />
          )}
        </Box>
      </Box>
    </FieldsTold>
  );
}
