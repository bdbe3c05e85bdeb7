import { useState } from "react";
import {
  Box,
  Button,
  Checkbox,
  FormControlLabel,
  IconButton,
  MenuItem,
  TextField,
  Typography,
} from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { answered, api } from "../../api/client";
import { useLots, useSite, useSpecies, useTrialLayout } from "../../api/queries";
import type { SowCover, TrialRequest } from "../../api/types";
import { AlarmMark } from "../../drawings/AlarmMark";
import { useWho } from "../../people/usePerson";
import { uuid7 } from "../../record/entries";
import { Card } from "../../shared/Card";
import { Choice } from "../../shared/Choice";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { actDay, addDays } from "../../time/days";
import type { Day } from "../../time/days";
import { COVER_WORDS } from "../sowing/sowingWords";
import { TrialLayoutPlan } from "./TrialLayoutPlan";
import { TrialSizeFields } from "./TrialSizeFields";

interface ArmInHand {
  batch: string;
  name: string;
  routeId: string;
  depthMm: number | null;
  cover: SowCover | "";
}

const armNamed = (name: string): ArmInHand => ({
  batch: uuid7(),
  name,
  routeId: "",
  depthMm: null,
  cover: "",
});

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
  const [id] = useState(() => uuid7());
  const [randomSeed, setRandomSeed] = useState(
    () => (crypto.getRandomValues(new Uint16Array(1))[0] ?? 1) + 1,
  );
  const [lotId, setLot] = useState(lots[0]?.id ?? 0);
  const [name, setName] = useState("");
  const [changed, setChanged] = useState("");
  const [arms, setArms] = useState<ArmInHand[]>(() => [armNamed("control"), armNamed("treated")]);
  const [seedsPerArm, setSeeds] = useState<number | null>(36);
  const [layout, setLayout] = useState<TrialRequest["layout"]>("cellsMixed");
  const [cellsPerTray, setCells] = useState<number | null>(72);
  const [replicates, setReplicates] = useState<number | null>(3);
  const [sowOn, setSowOn] = useState<Day>(addDays(today, SOW_IN_DAYS));
  const [blind, setBlind] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const lot = lots.find((l) => l.id === lotId);
  const kind = species.find((s) => s.species.id === lot?.details.speciesId);
  const routes = (kind?.species.routes ?? []).filter((r) => r.setting === "indoors");
  const request: TrialRequest | null =
    lot && seedsPerArm !== null && name.trim() && changed.trim() && arms.every((a) => a.name.trim())
      ? {
          name,
          changed,
          speciesId: lot.details.speciesId,
          lotId,
          arms: arms.map((a) => ({
            batch: a.batch,
            name: a.name,
            routeId: a.routeId || null,
            depthMm: a.depthMm,
            cover: a.cover || null,
            place: null,
          })),
          seedsPerArm,
          layout,
          sowOn,
          randomSeed,
          blind,
          seedsPerCell: null,
          cellsPerTray,
          replicates,
        }
      : null;
  const laid = useTrialLayout(request);
  const change = (at: number, part: Partial<ArmInHand>) =>
    setArms((before) => before.map((arm, i) => (i === at ? { ...arm, ...part } : arm)));
  const confirm = async () => {
    if (!request) return;
    setError(null);
    try {
      const made = await answered(api.POST("/api/trials", { body: { id, trial: request, who } }));
      await queries.invalidateQueries();
      void navigate(`/trials/${made.id}`);
    } catch (refused) {
      setError(refused);
    }
  };
  const preview = laid.data;
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,480px) minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Card label="the trial">
        <Typography variant="h1">Lay out a trial</Typography>
        <Typography sx={{ mb: 1.5 }}>
          Seed of one lot, one thing changed, and a control that is treated as always.
        </Typography>
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <TextField
            select
            label="Seed"
            value={lotId}
            onChange={(e) => setLot(Number(e.target.value))}
            slotProps={{ htmlInput: { name: "lot" } }}
          >
            {lots.map((l) => (
              <MenuItem key={l.id} value={l.id}>
                lot {l.id}, {species.find((s) => s.species.id === l.details.speciesId)?.species.commonName},{" "}
                {l.details.lot.gatheredAt}: {l.seedsLeft} left
              </MenuItem>
            ))}
          </TextField>
          <TextField label="Name" name="name" value={name} onChange={(e) => setName(e.target.value)} />
          <TextField
            label="What is changed"
            name="changed"
            value={changed}
            onChange={(e) => setChanged(e.target.value)}
            helperText="one thing only, or nobody can say what did it"
          />
          {arms.map((arm, i) => (
            <Box
              key={arm.batch}
              role="group"
              aria-label={i === 0 ? "control" : `arm ${i + 1}`}
              sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}
            >
              <Box sx={{ gridColumn: "1 / -1", display: "flex", alignItems: "center" }}>
                <Typography variant="h3">
                  {i + 1}
                  {i === 0 && ", the control"}
                </Typography>
                {i > 1 && (
                  <IconButton
                    aria-label={`leave out arm ${i + 1}`}
                    onClick={() => setArms(arms.filter((_, n) => n !== i))}
                    sx={{ ml: "auto" }}
                  >
                    ×
                  </IconButton>
                )}
              </Box>
              <TextField
                label="Called"
                name={`arm-${i}`}
                value={arm.name}
                onChange={(e) => change(i, { name: e.target.value })}
              />
              <TextField
                select
                label="Route"
                value={arm.routeId || (routes[0]?.id ?? "")}
                onChange={(e) => change(i, { routeId: e.target.value })}
                slotProps={{ htmlInput: { name: `route-${i}` } }}
              >
                {routes.map((r) => (
                  <MenuItem key={r.id} value={r.id}>
                    {r.name}
                  </MenuItem>
                ))}
              </TextField>
              <NumberField
                label="Depth"
                name={`depth-${i}`}
                value={arm.depthMm}
                onChange={(depthMm) => change(i, { depthMm })}
                min={0}
                max={200}
                whole={false}
                unit="mm"
                helper="as usual if empty"
              />
              <TextField
                select
                label="Covered"
                value={arm.cover}
                onChange={(e) => change(i, { cover: e.target.value as SowCover | "" })}
                slotProps={{ htmlInput: { name: `cover-${i}` } }}
              >
                <MenuItem value="">as usual</MenuItem>
                {(Object.keys(COVER_WORDS) as SowCover[]).map((c) => (
                  <MenuItem key={c} value={c}>
                    {COVER_WORDS[c]}
                  </MenuItem>
                ))}
              </TextField>
            </Box>
          ))}
          {arms.length < MOST_ARMS && (
            <Button onClick={() => setArms([...arms, armNamed(`arm ${arms.length + 1}`)])}>
              another arm
            </Button>
          )}
          <NumberField
            label="Seeds in each arm"
            name="seedsPerArm"
            value={seedsPerArm}
            onChange={setSeeds}
            min={1}
            max={100_000}
          />
          <Choice
            label="layout"
            value={layout}
            onChange={setLayout}
            options={[
              ["cellsMixed", "mixed over cells"],
              ["ownVessels", "vessels of their own"],
            ]}
          />
          {layout === "cellsMixed" ? (
            <NumberField
              label="Cells in a tray"
              name="cellsPerTray"
              value={cellsPerTray}
              onChange={setCells}
              min={2}
              max={1000}
            />
          ) : (
            <NumberField
              label="Vessels for each arm"
              name="replicates"
              value={replicates}
              onChange={setReplicates}
              min={1}
              max={50}
              helper="two or more, or vessel and treatment cannot be told apart"
            />
          )}
          <DayField
            label="All sown on"
            name="sowOn"
            value={sowOn}
            onChange={(day) => day && setSowOn(day)}
            today={today}
          />
          <FormControlLabel
            control={<Checkbox checked={blind} onChange={(e) => setBlind(e.target.checked)} name="blind" />}
            label="counted blind: who counts does not see which arm it is"
          />
        </Box>
      </Card>
      <Box sx={{ display: "grid", gap: 2 }}>
        <Card label="how many seeds">
          <Typography variant="h2">How many seeds it takes</Typography>
          <TrialSizeFields seedsAtHand={seedsPerArm} />
        </Card>
        <Card label="layout">
          <Typography variant="h2">Layout</Typography>
          <Failure error={error ?? laid.error} />
          {!request && <Typography>Give it a name and say what is changed; the layout follows.</Typography>}
          {preview && request && !laid.error && (
            <>
              {preview.warnings.map((words) => (
                <Typography key={words} sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
                  <AlarmMark />
                  <span>{words}</span>
                </Typography>
              ))}
              <Typography sx={{ mb: 1 }}>
                {preview.design.arms
                  .map((arm, i) => {
                    const start = preview.starts[i] ?? sowOn;
                    return start === sowOn
                      ? `${arm.name}: straight into the tray`
                      : `${arm.name}: treatment begins ${actDay(start, today)}${start < today ? ", which is past" : ""}`;
                  })
                  .join("; ")}
                . The lot has {preview.seedsLeft} seeds left.
              </Typography>
              <TrialLayoutPlan design={preview.design} columns={preview.columns} />
              <Box sx={{ display: "flex", gap: 1, mt: 1, flexWrap: "wrap" }}>
                <Button variant="contained" onClick={() => void confirm()}>
                  make the trial
                </Button>
                <Button onClick={() => setRandomSeed(randomSeed + 1)}>draw another layout</Button>
              </Box>
            </>
          )}
        </Card>
      </Box>
    </Box>
  );
}
