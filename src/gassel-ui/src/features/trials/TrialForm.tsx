import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answered, api } from "../../api/client";
import { useLots, usePlacesInUse, useSite, useSpecies, useTrialLayout } from "../../book/queries";
import { useUnsaved } from "../../shared/useUnsaved";
import { AlarmMark } from "../../shared/AlarmMark";
import { useWho } from "../../people/usePerson";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { Choice } from "../../shared/Choice";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { FieldsTold } from "../../shared/FieldsTold";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { actDay, addDays } from "../../time/days";
import type { Day } from "../../time/days";
import { ArmFields } from "./ArmFields";
import { armNamed, missing, trialRequest } from "./trialDraft";
import type { ArmInHand, TrialDraft } from "./trialDraft";
import { TrialLayoutPlan } from "./TrialLayoutPlan";
import { TrialSizeFields } from "./TrialSizeFields";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

/** From here on all arms can be ready, unless a route takes longer. */
const SOW_IN_DAYS = 49;
const MOST_ARMS = 6;

/** Laying out a trial: seed of one lot, one thing changed, a control, and where every seed goes. */
export function TrialForm() {
  const species = useSpecies();
  const lots = useLots();
  const today = useSite().data?.today;
  if (species.error || lots.error) return <Failure error={species.error ?? lots.error} />;
  if (!species.data || !lots.data || !today) return <Loading what="seed and species" />;
  return <Form today={today} />;
}

function Form({ today }: { today: Day }) {
  const species = useSpecies().data ?? [];
  const lots = (useLots().data ?? []).filter((lot) => lot.seedsLeft > 0);
  const who = useWho();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [id] = useState(() => newId());
  const places = usePlacesInUse();
  const [lotId, setLot] = useState(lots[0]?.id ?? 0);
  const [draft, setDraft] = useState<TrialDraft>(() => ({
    name: "",
    changed: "",
    arms: [armNamed("control"), armNamed("treated")],
    seedsPerArm: 36,
    layout: "cellsMixed",
    cellsPerTray: 72,
    replicates: 3,
    sowOn: addDays(today, SOW_IN_DAYS),
    randomSeed: (crypto.getRandomValues(new Uint16Array(1))[0] ?? 1) + 1,
    blind: false,
  }));
  const set = (part: Partial<TrialDraft>) => setDraft((before) => ({ ...before, ...part }));
  const { arms, layout, sowOn } = draft;
  const [error, setError] = useState<unknown>(null);
  const lot = lots.find((l) => l.id === lotId);
  const kind = species.find((s) => s.species.id === lot?.details.speciesId);
  const routes = (kind?.species.routes ?? []).filter((r) => r.setting !== "autumnBed");
  const isOutdoors = (routeId: string) =>
    (routes.find((r) => r.id === routeId) ?? routes[0])?.setting === "winterContainer";
  const outdoors = arms.some((arm) => isOutdoors(arm.routeId));
  const request = trialRequest(outdoors ? { ...draft, layout: "ownVessels" } : draft, lot, isOutdoors);
  const laid = useTrialLayout(request);
  const change = (at: number, part: Partial<ArmInHand>) =>
    set({ arms: arms.map((arm, i) => (i === at ? { ...arm, ...part } : arm)) });
  const confirm = async () => {
    if (!request) return;
    setError(null);
    try {
      const made = await answered(api.POST("/api/trials", { body: { id, trial: request, who } }));
      await queries.invalidateQueries();
      letGo();
      void navigate(`/trials/${made.id}`);
    } catch (refused) {
      setError(refused);
    }
  };
  const [unsaved, letGo] = useUnsaved([lotId, draft]);
  const preview = laid.data;
  return (
    <FieldsTold error={error ?? laid.error}>
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,480px) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Card label="the trial">
          {unsaved}
          <Typography variant="h1">Lay out a trial</Typography>
          <Typography sx={{ mb: 1.5 }}>
            Seed of one lot, one thing changed, and a control treated as usual.
          </Typography>
          <Box sx={{ display: "grid", gap: 1.5 }}>
            <ChoiceField
              label="Seed"
              name="lot"
              value={lotId === null ? "" : String(lotId)}
              onChange={(id) => {
                setLot(Number(id));
                // routes are of the species; another lot may be of another
                set({ arms: arms.map((arm) => ({ ...arm, routeId: "" })) });
              }}
              choices={lots.map((l) => [
                String(l.id),
                `Lot ${l.id}, ${species.find((s) => s.species.id === l.details.speciesId)?.species.commonName ?? ""}, ` +
                  `${l.details.lot.gatheredAt}: ${l.seedsLeft} left`,
              ])}
            />
            <WordsField
              label="Name"
              name="name"
              value={draft.name}
              onChange={(written) => set({ name: written })}
            />
            <WordsField
              label="What is changed"
              name="changed"
              value={draft.changed}
              onChange={(written) => set({ changed: written })}
              helper="one thing only, or you cannot tell what made the difference"
            />
            {arms.map((arm, i) => (
              <ArmFields
                key={arm.batch}
                arm={arm}
                at={i}
                routes={routes}
                places={places}
                ownVessels={layout === "ownVessels"}
                change={(part) => change(i, part)}
                leaveOut={i > 1 ? () => set({ arms: arms.filter((_, n) => n !== i) }) : null}
              />
            ))}
            {arms.length < MOST_ARMS && (
              <Button onClick={() => set({ arms: [...arms, armNamed(`arm ${arms.length + 1}`, arms[0])] })}>
                Another arm
              </Button>
            )}
            <NumberField
              label="Seeds in each arm"
              name="seedsPerArm"
              value={draft.seedsPerArm}
              onChange={(seedsPerArm) => set({ seedsPerArm })}
              min={1}
              max={100_000}
            />
            {!outdoors && (
              <Choice
                label="layout"
                value={layout}
                onChange={(value) => set({ layout: value })}
                options={[
                  ["cellsMixed", "mixed over cells"],
                  ["ownVessels", "vessels of their own"],
                ]}
              />
            )}
            {layout === "cellsMixed" && !outdoors ? (
              <NumberField
                key="cells"
                label="Cells in a tray"
                name="cellsPerTray"
                value={draft.cellsPerTray}
                onChange={(cellsPerTray) => set({ cellsPerTray })}
                min={2}
                max={1000}
              />
            ) : (
              <NumberField
                key="replicates"
                label={outdoors ? "Containers for each arm" : "Vessels for each arm"}
                name="replicates"
                value={draft.replicates}
                onChange={(replicates) => set({ replicates })}
                min={1}
                max={50}
                helper="two or more, or you cannot tell the vessel from the treatment"
              />
            )}
            <DayField
              label={outdoors ? "All set out on" : "All sown on"}
              name="sowOn"
              value={sowOn}
              onChange={(day) => set({ sowOn: day })}
              today={today}
            />
            <FormControlLabel
              control={
                <Checkbox
                  checked={draft.blind}
                  onChange={(e) => set({ blind: e.target.checked })}
                  name="blind"
                />
              }
              label="counted blind: the person counting cannot see which arm it is"
            />
          </Box>
        </Card>
        <Box sx={{ display: "grid", gap: 2 }}>
          <Card label="how many seeds">
            <Typography variant="h2">How many seeds it takes</Typography>
            <TrialSizeFields seedsAtHand={draft.seedsPerArm} />
          </Card>
          <Card label="layout">
            <Typography variant="h2">Layout</Typography>
            <Failure error={error ?? laid.error} />
            {!request && (
              <Typography>Still missing: {missing(draft).join(", ")}. The layout follows.</Typography>
            )}
            {preview && request && !laid.error && (
              <>
                {preview.warnings.map((words) => (
                  <Typography
                    key={words}
                    data-testid="trial-warning"
                    sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}
                  >
                    <AlarmMark />
                    <span>{words}</span>
                  </Typography>
                ))}
                <Typography sx={{ mb: 1 }}>
                  {preview.design.arms
                    .map((arm, i) => {
                      const start = preview.starts[i] ?? request.sowOn;
                      return start === request.sowOn
                        ? isOutdoors(arm.routeId)
                          ? `${arm.name}: straight into its containers`
                          : `${arm.name}: straight into the tray`
                        : `${arm.name}: treatment begins ${actDay(start, today)}${start < today ? ", which is past" : ""}`;
                    })
                    .join("; ")}
                  . The lot has {preview.seedsLeft} seeds left.
                </Typography>
                <TrialLayoutPlan design={preview.design} columns={preview.columns} />
                <Box sx={{ display: "flex", gap: 1, mt: 1, flexWrap: "wrap" }}>
                  <Button variant="contained" onClick={() => void confirm()}>
                    Make the trial
                  </Button>
                  <Button onClick={() => set({ randomSeed: draft.randomSeed + 1 })}>
                    Draw another layout
                  </Button>
                </Box>
              </>
            )}
          </Card>
        </Box>
      </Box>
    </FieldsTold>
  );
}
