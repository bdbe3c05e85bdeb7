import { useState } from "react";
import { Box, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import type { SiteView } from "../../api/types";
import { useSite } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { StartFrost } from "./StartFrost";
import { StartNext } from "./StartNext";
import { StartPlaces } from "./StartPlaces";
import { StartWhere } from "./StartWhere";
import { after, keepDraft, keptDraft, STEPS, stepOf } from "./startDraft";
import type { StartDraft, Step } from "./startDraft";

/** The first hour in four short steps; each can be left and taken up again. */
export function Start() {
  const site = useSite();
  if (site.error) return <Failure error={site.error} />;
  if (!site.data) return <Loading what="the site" />;
  return <Steps site={site.data} />;
}

const draftOf = ({ site, settings, today }: SiteView): StartDraft => ({
  name: site?.name ?? "",
  town: "",
  latitude: site?.latitude ?? null,
  longitude: settings.longitude ?? null,
  timeZone: site?.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone,
  units: settings.units,
  lastFrost: site ? `${today.slice(0, 4)}-${site.lastFrost}` : null,
  firstFrost: settings.firstFrost ? `${today.slice(0, 4)}-${settings.firstFrost}` : null,
});

function Steps({ site }: { site: SiteView }) {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const [address, setAddress] = useSearchParams();
  const [draft, setDraft] = useState<StartDraft>(() => (site.site ? null : keptDraft()) ?? draftOf(site));
  const [error, setError] = useState<unknown>(null);
  const step = stepOf(address.get("step"));
  const go = (next: Step) => setAddress({ step: next });
  const change = (part: Partial<StartDraft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    keepDraft(next);
  };
  const save = async () => {
    if (draft.latitude === null || draft.lastFrost === null) return;
    setError(null);
    try {
      await answered(
        api.PUT("/api/site", {
          params: { query: { asOf: site.stamp ?? undefined } },
          body: {
            name: draft.name.trim(),
            latitude: draft.latitude,
            timeZone: draft.timeZone,
            lastFrost: draft.lastFrost.slice(5),
            weatherRecordId: site.site?.weatherRecordId ?? null,
            settings: {
              ...site.settings,
              longitude: draft.longitude,
              units: draft.units,
              firstFrost: draft.firstFrost?.slice(5) ?? null,
            },
          },
        }),
      );
      keepDraft(null);
      await queries.invalidateQueries();
      go(after(step));
    } catch (refused) {
      setError(refused);
    }
  };
  const at = STEPS.indexOf(step);
  return (
    <Card label="the first hour" sx={{ maxWidth: 760, mx: "auto" }}>
      <Box sx={{ display: "grid", gap: 2 }}>
        <Box sx={{ display: "flex", gap: 0.75 }} aria-hidden>
          {STEPS.map((each, i) => (
            <Box
              key={each}
              sx={{ flex: 1, height: 6, borderRadius: 3, bgcolor: i <= at ? palette.ochre : palette.line }}
            />
          ))}
        </Box>
        <Typography variant="body2" color="text.secondary">
          Step {at + 1} of {STEPS.length}
        </Typography>
        {step === "where" && <StartWhere draft={draft} change={change} next={() => go(after(step))} />}
        {step === "frost" && (
          <StartFrost
            draft={draft}
            today={site.today}
            change={change}
            error={error}
            save={() => void save()}
          />
        )}
        {step === "places" && <StartPlaces next={() => go(after(step))} />}
        {step === "next" && <StartNext />}
      </Box>
    </Card>
  );
}
