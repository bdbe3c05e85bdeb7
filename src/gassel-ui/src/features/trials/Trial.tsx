import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { answered, api } from "../../api/client";
import { usePlaces, useSite, useTrial } from "../../book/queries";
import type { TrialResult, TrialView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { ArmBars } from "../../drawings/ArmBars";
import type { ArmBar } from "../../drawings/ArmBars";
import { ForRole } from "../../people/ForRole";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { percent } from "../../shared/numbers";
import { useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { SetOutArms } from "./SetOutArms";
import { TrialLayoutPlan } from "./TrialLayoutPlan";
import { TrialSizeFields } from "./TrialSizeFields";
import { armWords, standing, timesWords } from "./trialWords";
import { WordsField } from "../../shared/WordsField";

/** One trial: its sentence, its arms side by side, its layout, and what is to be done with it. */
export function Trial() {
  const { id = "" } = useParams();
  const trial = useTrial(id);
  const today = useSite().data?.today;
  if (trial.error) return <Failure error={trial.error} />;
  if (!trial.data || !today) return <Loading what="the trial" />;
  return <OneTrial key={trial.data.id} trial={trial.data} today={today} />;
}

function OneTrial({ trial, today }: { trial: TrialView; today: Day }) {
  const { palette } = useDevice();
  const units = useUnits();
  const places = usePlaces().data ?? [];
  const { design, result } = trial;
  const hidden = design.blind && design.endedOn === null && trial.hasCounts;
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Card label="the trial">
        <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
          <Typography variant="h1">
            T-{trial.number} {design.name}
          </Typography>
          <Typography color="text.secondary">
            {trial.commonName}, lot {design.lotId}; changed: {design.changed}
          </Typography>
        </Box>
        <Typography sx={{ fontWeight: 600, fontSize: "1.15rem", my: 1 }} data-testid="sentence">
          {standing(trial)}
        </Typography>
        {trial.warnings.map((words) => (
          <Typography key={words} sx={{ display: "flex", gap: 0.75 }}>
            <AlarmMark />
            <span>{words}</span>
          </Typography>
        ))}
        <TrialActions trial={trial} today={today} />
      </Card>
      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1.1fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 2 }}>
          {result && (
            <Card label="arms side by side">
              <Typography variant="h2">Arms side by side</Typography>
              <ArmBars arms={result.arms.map(barOf)} />
              {result.arms.some((a) => a.replicates.length > 1) && (
                <Typography variant="body2" color="text.secondary">
                  Small marks: each vessel by itself.{" "}
                  {result.isPooled ? "They agree, as far as so few seeds can show." : "They do not agree."}
                </Typography>
              )}
              {result.times.map((t) => (
                <Typography key={t.first}>{timesWords(t)}</Typography>
              ))}
              <Why lines={result.working} about="this comparison" />
            </Card>
          )}
          <Card label="arms">
            <Typography variant="h2">Arms</Typography>
            {trial.arms.map((arm, i) => (
              <Box key={arm.arm.batch} sx={{ borderTop: i ? `1px solid ${palette.line}` : "none", py: 0.75 }}>
                <Typography variant="h3">
                  {i + 1} {arm.arm.name}
                  {arm.arm.isControl && ", the control"}
                </Typography>
                <Typography>
                  <Link to={`/batches/${arm.arm.batch}`} style={{ color: palette.slate }}>
                    B-{arm.number}
                  </Link>
                  , route {arm.routeName}, {arm.arm.seeds} seeds
                  {armWords(arm.arm, places, units)}
                  {arm.isSown
                    ? ""
                    : `; begins ${shortDay(arm.start, today)}, to be ${arm.arm.setup ? "set out" : "sown"} ${actDay(arm.sowOn, today)}`}
                </Typography>
              </Box>
            ))}
          </Card>
          <Card label="how many seeds">
            <Typography variant="h2">What this many seeds can show</Typography>
            <TrialSizeFields seedsAtHand={design.arms[0]?.seeds ?? null} />
          </Card>
        </Box>
        <Card label="layout">
          <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
            <Typography variant="h2">Layout</Typography>
            {!hidden && (
              <Button onClick={() => window.print()} sx={{ ml: "auto", displayPrint: "none" }}>
                Print
              </Button>
            )}
          </Box>
          {hidden ? (
            <Typography>Hidden while it is counted blind.</Typography>
          ) : (
            <>
              <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
                Drawn at random (number {design.randomSeed}, so that it can be drawn again).
              </Typography>
              <TrialLayoutPlan design={design} columns={trial.columns} />
            </>
          )}
        </Card>
      </Box>
    </Box>
  );
}

/** Sowing by the layout, counting, ending it; names until something is counted. */
function TrialActions({ trial, today }: { trial: TrialView; today: Day }) {
  const { recordMany } = useRecord();
  const queries = useQueryClient();
  const [editing, setEditing] = useState(false);
  const [settingOut, setSettingOut] = useState(false);
  const { doneOn } = useDoneOn();
  const [error, setError] = useState<unknown>(null);
  const ready = trial.arms.filter((arm) => arm.readyToSow && arm.sowing.length > 0);
  const outdoors = ready.filter((arm) => arm.atTable.length > 0);
  const indoors = ready.filter((arm) => arm.atTable.length === 0);
  const all = indoors.length > 0 && indoors.length === trial.arms.filter((arm) => !arm.isSown).length;
  const first = trial.arms.find((arm) => arm.isSown);
  const end = async () => {
    setError(null);
    try {
      await answered(api.POST("/api/trials/{id}/end", { params: { path: { id: trial.id } } }));
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ displayPrint: "none" }}>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
        {ready.length > 0 && <DoneOnStepper />}
        {indoors.length > 0 && (
          <Button
            variant={all ? "contained" : "outlined"}
            onClick={() =>
              void recordMany(
                indoors.map((arm) => ({ batch: arm.arm.batch, payloads: arm.sowing })),
                doneOn,
                `T-${trial.number}: ${indoors.map((arm) => arm.arm.name).join(", ")} sown by the layout`,
                [],
              )
            }
          >
            {all
              ? "All sown by the layout"
              : `${indoors.map((a) => a.arm.name).join(", ")} sown by the layout`}
          </Button>
        )}
        {outdoors.length > 0 && (
          <Button variant="contained" onClick={() => setSettingOut(true)}>
            {`Make ready and set out ${outdoors.map((a) => a.arm.name).join(", ")}`}
          </Button>
        )}
        {first && trial.design.endedOn === null && (
          <Button component={Link} to="/count" variant="outlined">
            Count
          </Button>
        )}
        <ForRole role="grower">
          {!trial.hasCounts && <Button onClick={() => setEditing(!editing)}>Change names</Button>}
          {first && trial.design.endedOn === null && (
            <Button onClick={() => void end()}>
              {trial.design.blind ? "End it and see the result" : "End the trial"}
            </Button>
          )}
        </ForRole>
        {trial.design.endedOn && (
          <Typography sx={{ alignSelf: "center" }} data-testid="trial-ended">
            Ended {shortDay(trial.design.endedOn, today)}.
          </Typography>
        )}
      </Box>
      <Failure error={error} />
      {settingOut && (
        <SetOutArms trial={trial} arms={outdoors} today={today} close={() => setSettingOut(false)} />
      )}
      {editing && !trial.hasCounts && <Names trial={trial} close={() => setEditing(false)} />}
      {trial.result && !trial.result.isPooled && (
        <Typography variant="body2">
          {trial.result.arms.map((a) => `${a.arm.name} ${percent(a.arm.fraction)}`).join(", ")} if taken
          together.
        </Typography>
      )}
    </Box>
  );
}

function Names({ trial, close }: { trial: TrialView; close: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState(trial.design.name);
  const [changed, setChanged] = useState(trial.design.changed);
  const [arms, setArms] = useState(trial.design.arms.map((a) => a.name));
  const [blind, setBlind] = useState(trial.design.blind);
  const [error, setError] = useState<unknown>(null);
  const save = async () => {
    setError(null);
    try {
      await answered(
        api.PUT("/api/trials/{id}", {
          params: { path: { id: trial.id } },
          body: { name, changed, armNames: arms, blind },
        }),
      );
      await queries.invalidateQueries();
      close();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Box sx={{ display: "grid", gap: 1.5, maxWidth: 480, mt: 1.5 }}>
      <WordsField label="Name" name="trialName" value={name} onChange={setName} />
      <WordsField label="What is changed" name="trialChanged" value={changed} onChange={setChanged} />
      {arms.map((arm, i) => (
        <WordsField
          key={trial.design.arms[i]?.batch}
          label={`Arm ${i + 1}`}
          name={`name-${i}`}
          value={arm}
          onChange={(written) => setArms(arms.map((a, n) => (n === i ? written : a)))}
        />
      ))}
      <FormControlLabel
        control={<Checkbox checked={blind} onChange={(e) => setBlind(e.target.checked)} />}
        label="counted blind"
      />
      <Failure error={error} />
      <Button variant="outlined" onClick={() => void save()}>
        Save the names
      </Button>
    </Box>
  );
}

const barOf = ({ arm, isControl, replicates }: TrialResult["arms"][number]): ArmBar => ({
  ...arm,
  name: `${arm.name}${isControl ? " (control)" : ""}`,
  vessels: replicates.map((r) => r.fraction),
});
