import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { Refused } from "../../api/client";
import { useBatch, useSite } from "../../book/queries";
import type { PartView } from "../../api/types";
import { RibbonStrip } from "../../drawings/RibbonStrip";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";
import { TroubleList } from "../temperature/TroubleList";
import { HardeningCard } from "../plants/HardeningCard";
import { ForRole } from "../../people/ForRole";
import { PlantsCard } from "../plants/PlantsCard";
import { VernalizationCard } from "../plants/VernalizationCard";
import { CloseBooks } from "../closing/CloseBooks";
import { ColdCard } from "./ColdCard";
import { EntryLog } from "./EntryLog";
import { GerminationCard } from "./GerminationCard";
import { NextWork } from "./NextWork";
import { PhotoStrip } from "./PhotoStrip";
import { PartResult } from "./PartResult";
import { Uncomputable } from "./Uncomputable";
import { WhatFollows } from "./WhatFollows";
import { SeenCard } from "./SeenCard";
import { WinterCard } from "./WinterCard";
import { Whereabouts } from "./Whereabouts";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";
import { WordsField } from "../../shared/WordsField";
import { ribbonNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

/** One batch whole: its ribbon, what it asks for, what came up, and everything recorded. */
export function Batch() {
  const { id = "" } = useParams();
  const batch = useBatch(id);
  const today = useSite().data?.today;
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const [note, setNote] = useState("");
  const log = batch.error instanceof Refused ? batch.error.problem.log : undefined;
  if (log && today) return <Uncomputable batch={id} error={batch.error} log={log} today={today} />;
  if (batch.error) return <Failure error={batch.error} />;
  if (!batch.data || !today) return <Loading what="the batch" />;
  const { summary, plan, species, parts, germination, due } = batch.data;
  const living = parts.filter((part) => !part.state.divided);
  const bySeeds = [...living].sort((a, b) => b.state.seeds - a.state.seeds);
  const main = bySeeds[0];
  const sown = bySeeds.filter((part) => part.result);
  const target =
    plan.anchor.event === "sow" ? "sowing" : plan.anchor.event === "plantOut" ? "planting out" : "start";
  // once they have left the tray, the plants come before the emergence that brought them
  const grown = batch.data.plants.stages.some((s) => s.stage !== "seedling" && s.reached > 0);
  const plants = (
    <>
      {bySeeds.map((part) => (
        <VernalizationCard key={part.state.id} part={part} today={today} />
      ))}
      {bySeeds.map((part) => (
        <HardeningCard key={part.state.id} batch={summary} part={part} today={today} />
      ))}
      <PlantsCard batch={batch.data} parts={bySeeds} />
    </>
  );
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Card label="the batch">
        <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 2 }}>
          <Typography variant="h1">
            B-{summary.number} {species.commonName}
            {summary.name ? `, ${summary.name}` : ""}
          </Typography>
          <Typography color="text.secondary" data-testid="batch-route">
            <Link to={`/species/${species.id}`} style={{ color: "inherit", fontStyle: "italic" }}>
              {species.scientificName}
            </Link>{" "}
            · lot {summary.lotId} · {plan.route.name}, version {plan.route.version} ·{" "}
            {several(summary.seeds, "seed")} · {target} target {shortDay(plan.anchor.date, today)}
          </Typography>
          <Typography sx={{ fontWeight: 700, ml: "auto" }} data-testid="batch-status">
            {summary.status}
          </Typography>
        </Box>
        {!batch.data.germination && summary.discardedOn === null && (
          <ForRole role="grower">
            <Box sx={{ display: "flex", gap: 1, my: 0.5 }}>
              <Button
                component={Link}
                variant="outlined"
                to={
                  `/plan?change=${id}&species=${species.id}&lot=${summary.lotId}&route=${plan.route.id}&plants=` +
                  `${plan.plants}&event=${plan.anchor.event}&date=${plan.anchor.date}&name=${encodeURIComponent(summary.name ?? "")}`
                }
              >
                Change plan
              </Button>
              <Button
                onClick={() =>
                  void record(
                    id,
                    [{ kind: "discarded", why: null }],
                    doneOn,
                    `B-${summary.number} discarded; its seed is back in lot ${summary.lotId}`,
                  )
                }
              >
                Discard
              </Button>
            </Box>
          </ForRole>
        )}
        {main && <RibbonStrip stretches={main.ribbon} today={today} />}
        {main && (
          <ChartTable {...ribbonNumbers([{ name: `B-${summary.number}`, stretches: main.ribbon }], today)} />
        )}
        <Typography variant="body2" color="text.secondary">
          Solid: done. Dashed: expected. Thin line: the plan. Plants expected{" "}
          {shortDay(summary.finish, today)}, planned {shortDay(plan.finish, today)}.
        </Typography>
      </Card>

      <Box
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", lg: "minmax(0,1.35fr) minmax(0,1fr)" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 2 }}>
          {germination && (sown.length > 0 || germination.germinated > 0) && (
            <GerminationCard batch={batch.data} germination={germination} today={today} />
          )}
          {grown && plants}
          {sown.map((part) => (
            <PartResult
              key={part.state.id}
              batch={batch.data}
              part={part}
              today={today}
              alone={living.length === 1}
            />
          ))}
          {!grown && plants}
          {bySeeds.map((part) => (
            <ColdCard key={part.state.id} part={part} today={today} alone={living.length === 1} />
          ))}
          <BatchTroubles parts={bySeeds.filter((part) => !part.cold)} />
          {sown.length === 0 && <WhatFollows batch={batch.data} today={today} />}
          {sown.length === 0 && bySeeds.every((part) => !part.cold) && (
            <Card label="result">
              <Typography variant="h2">No seedlings to count yet</Typography>
              <Typography>The result appears here once the seed is sown and counted.</Typography>
            </Card>
          )}
        </Box>
        <Box sx={{ display: "grid", gap: 2 }}>
          <NextWork
            due={due}
            plan={plan}
            batch={id}
            today={today}
            looks={[...new Set(living.flatMap((part) => part.looks))].sort()}
          />
          {sown.length > 0 && <WhatFollows batch={batch.data} today={today} />}
          <WinterCard batch={batch.data} parts={living} today={today} />
          <Whereabouts batch={batch.data} parts={living} today={today} />
          <SeenCard batch={batch.data} parts={living} today={today} />
          <CloseBooks batch={batch.data} today={today} />
          <PhotoStrip batch={id} number={summary.number} log={batch.data.log} today={today} />
          <Card label="log">
            <Typography variant="h2">Log</Typography>
            <DoneOnStepper />
            <EntryLog batch={id} log={batch.data.log} today={today} />
            <Box
              component="form"
              sx={{ display: "flex", gap: 1, mt: 1.5 }}
              onSubmit={(event) => {
                event.preventDefault();
                if (!note.trim()) return;
                void record(
                  id,
                  [{ kind: "note", part: null, text: note.trim() }],
                  doneOn,
                  "Note recorded",
                ).then((kept) => kept && setNote(""));
              }}
            >
              <WordsField label="Note" name="note" size="small" fullWidth value={note} onChange={setNote} />
              <Button type="submit" variant="outlined" disabled={!note.trim()}>
                Add note
              </Button>
            </Box>
          </Card>
        </Box>
      </Box>
    </Box>
  );
}

/** What is the matter where parts stand that are in no cold; with the others it stands beside their cold. */
function BatchTroubles({ parts }: { parts: PartView[] }) {
  const troubles = parts.flatMap((part) => part.troubles.filter((trouble) => trouble.isPresent));
  if (troubles.length === 0) return null;
  return (
    <Card label="where it stands">
      <TroubleList troubles={troubles} />
    </Card>
  );
}
