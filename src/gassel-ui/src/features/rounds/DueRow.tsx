import { lazy, memo, Suspense, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { EntryPayload, StandingDue, StandingPart } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { stepWords } from "../../drawings/steps";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord, useRests } from "../../record/RecordProvider";
import { Cautions } from "../../shared/Cautions";
import { unbroken, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { GESTURE_TITLES, hardened } from "../plants/plantGesture";
import type { PlantGesture } from "../plants/plantGesture";
import { coldWords } from "./coldWords";
import { dueKey } from "./dueLines";
import { title, when } from "./dueWords";
import { atStage, GESTURES, gesturesOf, usual } from "./usual";
import { TimeLeft } from "./TimeLeft";

// what opens at a second gesture is fetched with it
const LookDialog = lazy(() => import("./LookDialog").then((m) => ({ default: m.LookDialog })));
const StartDialog = lazy(() => import("./StartDialog").then((m) => ({ default: m.StartDialog })));
const SowDialog = lazy(() => import("../sowing/SowDialog").then((m) => ({ default: m.SowDialog })));
const SwellingDialog = lazy(() => import("./SwellingDialog").then((m) => ({ default: m.SwellingDialog })));
const MoveOnDialog = lazy(() => import("../plants/MoveOnDialog").then((m) => ({ default: m.MoveOnDialog })));
const HeightDialog = lazy(() => import("../plants/HeightDialog").then((m) => ({ default: m.HeightDialog })));
const LookAgainDialog = lazy(() =>
  import("../symptoms/LookAgainDialog").then((m) => ({ default: m.LookAgainDialog })),
);
const EarlyDialog = lazy(() => import("./EarlyDialog").then((m) => ({ default: m.EarlyDialog })));
const ReadFirst = lazy(() => import("./ReadFirst").then((m) => ({ default: m.ReadFirst })));

interface DueRowProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  /** The thermometer of the place as just read by eye, °C; null where nobody did. */
  placeC: number | null;
}

/**
 * One thing to do: what, how late, what waiting costs, one touch for the usual outcome and a second for another. Drawn anew only when its
 * own matter changes.
 */
export const DueRow = memo(function DueRow({ part, item, doneOn, today, placeC }: DueRowProps) {
  const { palette } = useDevice();
  const units = useUnits();
  const { record } = useRecord();
  const [dialog, setDialog] = useState<
    "look" | "start" | "sow" | "swelling" | "height" | "again" | "read" | "early" | PlantGesture | null
  >(null);
  const rests = useRests(part.batchId);
  const { kind } = item.due;
  const name = `B-${part.number} ${part.commonName}`;
  const which = part.part === "1" ? "" : `, part ${part.part}`;
  const on = doneOn === today ? "" : `, done ${actDay(doneOn, today)}`;
  const settles = dueKey(part.number, part.part, kind);
  const waits = useIsSettled(settles);
  const atTheStep = kind === "startStep" || kind === "sow" || kind === "scarifyAgain";
  // plants are handled as seed is: whoever pricks out a toxic kind reads of it here
  const handled = GESTURES[kind] !== undefined;
  const way = usual(part, item, placeC);
  const laid = kind === "sow" && (part.laid?.entries.length ?? 0) > 0;
  const send = (read: EntryPayload[] = []) => {
    setDialog(null);
    if (way)
      void record(part.batchId, [...read, ...way.payloads()], doneOn, `${name}: ${way.told}${on}`, settles);
  };
  const mustRead = atTheStep && part.toRead.length > 0;
  // a step that has hardly begun is not ended by a second touch of the same thumb
  const early =
    (atTheStep || kind === "endStep") &&
    part.day !== null &&
    part.shortestDays !== null &&
    part.day < part.shortestDays / 10;
  const act = () => (mustRead ? setDialog("read") : send());
  const leaveOut = () =>
    void record(
      part.batchId,
      [
        { kind: "stepLeftOut", step: item.due.step },
        // what is not hardened off is hardy where it stands, and ready
        ...(item.stepKind === "hardenOff" && part.plants
          ? [
              ...(part.stepIndex === null
                ? []
                : [{ kind: "stepEnded" as const, part: part.part, step: part.stepIndex }]),
              ...hardened(part.part, part.plants),
            ]
          : []),
      ],
      doneOn,
      `${name}: ${stepWords(item.stepKind)} left out`,
    );
  const props = { part, doneOn, today, settles, close: () => setDialog(null) };
  return (
    <Box
      sx={{ borderTop: `1px solid ${palette.line}`, py: 1, "&:first-of-type": { borderTop: "none" } }}
      data-testid={`due-${settles}`}
    >
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
        <Box sx={{ flex: "1 1 17em", minWidth: 0 }}>
          <Typography variant="h3" sx={{ display: "flex", gap: 0.75 }}>
            {item.due.lateDays > 0 && <AlarmMark />}
            <span>
              {name}
              {which}
              {part.vessel?.slot && `, ${part.vessel.slot}`}: {title(part, item)}, {when(item, today)}
            </span>
          </Typography>
          {item.due.dueAt && <TimeLeft dueAt={item.due.dueAt} />}
          <Typography variant="body2">{item.due.cost}</Typography>
          {kind === "carryOut" && part.hardening && (
            <Typography variant="body2" sx={{ fontWeight: 600 }}>
              {unbroken(part.hardening.words)}
            </Typography>
          )}
          {part.flowering && atTheStep && (
            <Typography variant="body2" data-testid="flowering-so-far">
              Cold for flowering: {unbroken(part.flowering)}
            </Typography>
          )}
          {kind === "checkBag" && part.cold && (
            <Typography variant="body2" data-testid="cold-so-far">
              {coldWords(part.cold, today, units)}
            </Typography>
          )}
        </Box>
        {waits ? (
          <Typography sx={{ fontWeight: 700 }}>recorded, waiting to be sent</Typography>
        ) : (
          <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            {way && (
              <Button
                variant="contained"
                disabled={rests}
                onClick={() => (early ? setDialog("early") : act())}
              >
                {way.button}
              </Button>
            )}
            {kind === "lookForSwelling" && (
              <Button variant="contained" onClick={() => setDialog("swelling")}>
                Looked…
              </Button>
            )}
            {kind === "takeHeight" && (
              <Button variant="contained" onClick={() => setDialog("height")}>
                Measured…
              </Button>
            )}
            {kind === "lookAgain" && (
              <Button variant="outlined" onClick={() => setDialog("again")}>
                Still there…
              </Button>
            )}
            {gesturesOf(part, kind).map(([gesture, words], i) => (
              <Button
                key={gesture}
                variant={i === 0 ? "contained" : "outlined"}
                onClick={() => setDialog(gesture)}
              >
                {words}
              </Button>
            ))}
            {kind === "checkBag" && (
              <Button variant="outlined" onClick={() => setDialog("look")}>
                Problem…
              </Button>
            )}
            {atTheStep && !item.setsOut && !laid && (
              <Button
                variant="outlined"
                onClick={() => setDialog(kind === "sow" && part.sowing ? "sow" : "start")}
              >
                Record differently…
              </Button>
            )}
            {item.optional && (
              <Button variant="outlined" disabled={rests} onClick={leaveOut}>
                Leave out
              </Button>
            )}
            {item.setsOut && (
              <Button
                variant="contained"
                component={Link}
                to={part.laid ? `/trials/${part.laid.trialId}` : `/yard?ready=${part.batchId}`}
              >
                Make ready
              </Button>
            )}
            {kind === "countSeedlings" && (
              <Button variant="contained" component={Link} to={`/count/${part.batchId}/${part.part}`}>
                Count
              </Button>
            )}
            <Why
              lines={[...item.due.working, ...(kind === "checkBag" ? (part.cold?.working ?? []) : [])]}
              about={`${name}, ${title(part, item)}`}
            />
          </Box>
        )}
      </Box>
      {(kind === "sow" || item.setsOut) && part.laid && (
        <Typography variant="body2" sx={{ mt: 0.5 }} data-testid="laid">
          {part.laid.words} <Link to={`/trials/${part.laid.trialId}`}>See its layout</Link>
        </Typography>
      )}
      {atTheStep && item.note && (
        <Typography variant="body2" sx={{ mt: 0.5 }}>
          {item.note}
        </Typography>
      )}
      {(atTheStep || (handled && part.hazard !== "none")) && <Cautions cautions={item.cautions} />}
      <Suspense>
        {dialog === "look" && <LookDialog {...props} item={item} placeC={placeC} />}
        {dialog === "start" && <StartDialog {...props} item={item} />}
        {dialog === "sow" && <SowDialog {...props} item={item} />}
        {dialog === "height" && (
          <HeightDialog
            batch={{ id: part.batchId, number: part.number, commonName: part.commonName }}
            part={part.part}
            doneOn={doneOn}
            settles={settles}
            close={() => setDialog(null)}
          />
        )}
        {dialog === "again" && (
          <LookAgainDialog
            name={name}
            batchId={part.batchId}
            part={part.part}
            symptoms={part.symptoms}
            doneOn={doneOn}
            today={today}
            settles={settles}
            close={() => setDialog(null)}
          />
        )}
        {dialog === "swelling" && <SwellingDialog {...props} />}
        {dialog !== null && dialog in GESTURE_TITLES && part.plants && (
          <MoveOnDialog
            batch={{ id: part.batchId, number: part.number, commonName: part.commonName }}
            gesture={dialog as PlantGesture}
            {...atStage(kind)}
            part={part.part}
            tally={part.plants}
            doneOn={doneOn}
            settles={settles}
            close={() => setDialog(null)}
          />
        )}
        {dialog === "early" && part.step !== null && (
          <EarlyDialog
            name={name}
            step={part.step}
            day={part.day ?? 0}
            shortest={part.shortestDays ?? 0}
            next={item.stepKind}
            goOn={act}
            close={() => setDialog(null)}
          />
        )}
        {dialog === "read" && (
          <ReadFirst
            name={name}
            cautions={item.cautions}
            close={() => setDialog(null)}
            goOn={() => send(part.toRead.map((topic) => ({ kind: "cautionRead", topic })))}
          />
        )}
      </Suspense>
    </Box>
  );
});
