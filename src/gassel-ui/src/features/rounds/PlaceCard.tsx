import { lazy, memo, Suspense, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { RoundsView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { useSettled } from "../../offline/useQueue";
import { useUnits } from "../../shared/units";
import { useUntouched } from "../../shared/useNarrow";
import { VirtualRows } from "../../shared/VirtualRows";
import type { Day } from "../../time/days";
import { nowWords } from "../temperature/temperatureWords";
import { AllWell } from "./AllWell";
import { AtRest, restingOf } from "./AtRest";
import { DueRow } from "./DueRow";
import { isSaidAbove, linesOf, looksOf } from "./dueLines";
import { movable } from "./movable";
import { PlaceLine } from "./PlaceLine";
import { outKey, placeJobs } from "./placeJobs";
import { TooWarm } from "./TooWarm";
import { WeatherLine } from "./WeatherLine";
import { WaterLine } from "./WaterLine";

// the first view does not wait for a field
const MeasureField = lazy(() =>
  import("../../shared/MeasureField").then((m) => ({ default: m.MeasureField })),
);

const MoveDialog = lazy(() => import("../places/MoveDialog").then((m) => ({ default: m.MoveDialog })));
const SymptomDialog = lazy(() =>
  import("../symptoms/SymptomDialog").then((m) => ({ default: m.SymptomDialog })),
);

/** More jobs than these are drawn as they come into sight. */
const MANY = 30;

interface PlaceCardProps {
  place: RoundsView["places"][number];
  doneOn: Day;
  today: Day;
  timeZone: string;
  /** The only place shown: its name stands above already. */
  isNamed?: boolean;
  /** On a phone: a job has one button, the others are behind a touch. */
  inHand?: boolean;
}

/** A place as it stands: what asks for hands today, a line each, and what rests. Drawn anew only when something of it changes. */
export const PlaceCard = memo(function PlaceCard({
  place,
  doneOn,
  today,
  timeZone,
  isNamed = false,
  inHand = false,
}: PlaceCardProps) {
  const { palette } = useDevice();
  const units = useUnits();
  const isUntouched = useUntouched();
  const due = linesOf(place, today);
  const [moving, setMoving] = useState(false);
  const [wrong, setWrong] = useState(false);
  const [showsRest, setShowsRest] = useState(false);
  const resting = restingOf(place.parts, today);
  const jobs = placeJobs(place, today);
  const { symptoms } = place;
  const sown = place.parts.filter((part) => part.isSown);
  const [placeC, setPlaceC] = useState<number | null>(null);
  const { temperature } = place;
  const settled = useSettled();
  const [oneByOne, setOneByOne] = useState(false);
  // on a wide screen the looks of a place are one line until somebody wants them one by one
  const together = new Set(inHand || oneByOne ? [] : looksOf(due, settled));
  const lines = due.filter((line) => !together.has(line));
  const row = (at: number) => {
    const line = lines[at];
    return (
      line && (
        <DueRow
          key={line.key + line.part.batchId}
          part={line.part}
          item={line.item}
          doneOn={doneOn}
          today={today}
          placeC={placeC}
          inHand={inHand}
          saidAbove={isSaidAbove(lines, at)}
        />
      )
    );
  };
  const hurt = temperature.troubles.some((trouble) => trouble.hurtsSeed);
  const looks = due.some(({ item }) => item.due.kind === "checkBag");
  const thermometer = looks && temperature.source !== "measured" && (
    <Box sx={{ width: 330, maxWidth: "100%", mt: 1, minHeight: 80 }}>
      <Suspense>
        <MeasureField
          label="Thermometer here reads"
          name={`read-${place.place.id}`}
          measure="temperature"
          value={placeC}
          onChange={setPlaceC}
          min={-40}
          max={60}
          helper="if you read it: type it first, it is saved with the checks here"
        />
      </Suspense>
    </Box>
  );
  const rest = resting.length > 0 && (
    <Button aria-expanded={showsRest} onClick={() => setShowsRest(!showsRest)}>
      {isUntouched ? "" : showsRest ? "Hide " : "Show "}
      {resting.length} at rest
    </Button>
  );
  const shelfActs = (
    <>
      <Button aria-label={`Move to… from ${place.place.name}`} onClick={() => setMoving(true)}>
        Move to…
      </Button>
      {sown.length > 0 && (
        <Button aria-label={`Something wrong… at ${place.place.name}`} onClick={() => setWrong(true)}>
          Something wrong…
        </Button>
      )}
    </>
  );
  return (
    <Card
      label={place.place.name}
      sx={
        inHand ? { bgcolor: "transparent", border: "none", p: { xs: 0, md: 0 } } : { py: { xs: 1, md: 0.75 } }
      }
    >
      <Box
        sx={{
          display: "flex",
          alignItems: inHand ? "baseline" : "center",
          columnGap: 1.5,
          flexWrap: "wrap",
          borderBottom: inHand ? "none" : `4px solid ${palette.slate}`,
        }}
      >
        {!isNamed && <Typography variant="h2">{place.place.name}</Typography>}
        {hurt && !isNamed && <AlarmMark />}
        <Typography
          variant="body2"
          color={hurt ? "text.primary" : "text.secondary"}
          sx={{ fontWeight: hurt ? 700 : 400 }}
          data-testid={`now-${place.place.id}`}
        >
          {several(place.parts.length, "vessel")} · {nowWords(temperature, units, timeZone, today)}
        </Typography>
        {!inHand && isUntouched && (
          <Box
            sx={{
              ml: "auto",
              display: "flex",
              "& > .MuiButton-root": { minHeight: 28, minWidth: 0, py: 0, px: 0.75, fontSize: "0.875rem" },
            }}
          >
            {rest}
            {shelfActs}
          </Box>
        )}
      </Box>
      {symptoms.map((symptom) => (
        <Typography
          key={symptom.what}
          data-testid={`symptom-at-${place.place.id}`}
          sx={{ display: "flex", gap: 0.75, fontWeight: symptom.newly > 0 ? 700 : 400 }}
        >
          {symptom.newly > 0 && <AlarmMark />}
          <span>{symptom.words}</span>
        </Typography>
      ))}
      <TooWarm place={place} doneOn={doneOn} />
      {place.out.map((warning) => {
        const job = jobs.find((j) => j.key === outKey(place.place.id, warning.kind));
        return (
          job && (
            <WeatherLine
              key={warning.kind}
              place={place.place.name}
              warning={warning}
              job={job}
              doneOn={doneOn}
            />
          )
        );
      })}
      <AllWell
        place={place.place}
        lines={due}
        doneOn={doneOn}
        today={today}
        placeC={placeC}
        oneByOne={inHand ? null : { isOpen: oneByOne, set: setOneByOne }}
      />
      <WaterLine place={place} doneOn={doneOn} inHand={inHand} />
      {jobs
        .filter((job) => job.button !== null)
        .map((job) => (
          <PlaceLine key={job.key} place={place.place.name} job={job} doneOn={doneOn} />
        ))}
      {due.length === 0 && !place.water && jobs.length === 0 && (
        <Typography color="text.secondary">Nothing is due here today.</Typography>
      )}
      {wrong && (
        <Suspense>
          <SymptomDialog
            parts={sown.map((part) => ({ ...part, label: part.vessel?.label ?? null }))}
            doneOn={doneOn}
            today={today}
            close={() => setWrong(false)}
          />
        </Suspense>
      )}
      {moving && (
        <Suspense>
          <MoveDialog
            parts={place.parts.map((part) => movable(part, place.place.id))}
            from={place.place.inSentence}
            doneOn={doneOn}
            today={today}
            close={() => setMoving(false)}
          />
        </Suspense>
      )}
      {lines.length > MANY ? (
        <VirtualRows count={lines.length} height={62} label={`jobs at ${place.place.name}`} row={row} />
      ) : (
        lines.map((_, at) => row(at))
      )}
      {showsRest && <AtRest resting={resting} today={today} />}
      {!inHand && thermometer}
      {!inHand && !isUntouched && (
        <Box sx={{ display: "flex", columnGap: 1, flexWrap: "wrap" }}>
          {rest}
          {shelfActs}
        </Box>
      )}
      {inHand && (
        <>
          {rest}
          {thermometer}
          <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", my: 1 }}>{shelfActs}</Box>
        </>
      )}
    </Card>
  );
});
