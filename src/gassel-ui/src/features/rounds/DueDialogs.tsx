import { lazy, Suspense } from "react";
import type { StandingDue, StandingPart } from "../../api/types";
import type { Day } from "../../time/days";
import { GESTURE_TITLES } from "../plants/plantGesture";
import type { PlantGesture } from "../plants/plantGesture";
import { atStage } from "./usual";

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

/** What a second gesture of a due thing opens. */
export type DueDialog =
  "look" | "start" | "sow" | "swelling" | "height" | "again" | "read" | "early" | PlantGesture;

interface DueDialogsProps {
  dialog: DueDialog;
  part: StandingPart;
  item: StandingDue;
  name: string;
  doneOn: Day;
  today: Day;
  /** Names the due thing, so that it is not asked for again while the recording waits. */
  settles: string;
  placeC: number | null;
  close: () => void;
  /** Though it is early. */
  goOn: () => void;
  /** The cautions were read, and it is done. */
  read: () => void;
}

/** The dialog that is open over a due thing. */
export function DueDialogs({
  dialog,
  part,
  item,
  name,
  doneOn,
  today,
  settles,
  placeC,
  close,
  goOn,
  read,
}: DueDialogsProps) {
  const shared = { part, doneOn, today, settles, close };
  return (
    <Suspense>
      {dialog === "look" && <LookDialog {...shared} item={item} placeC={placeC} />}
      {dialog === "start" && <StartDialog {...shared} item={item} />}
      {dialog === "sow" && <SowDialog {...shared} item={item} />}
      {dialog === "height" && (
        <HeightDialog
          batch={{ id: part.batchId, number: part.number, commonName: part.commonName }}
          part={part.part}
          doneOn={doneOn}
          settles={settles}
          close={close}
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
          close={close}
        />
      )}
      {dialog === "swelling" && <SwellingDialog {...shared} />}
      {dialog in GESTURE_TITLES && part.plants && (
        <MoveOnDialog
          batch={{ id: part.batchId, number: part.number, commonName: part.commonName }}
          gesture={dialog as PlantGesture}
          {...atStage(item.due.kind)}
          part={part.part}
          tally={part.plants}
          doneOn={doneOn}
          settles={settles}
          close={close}
        />
      )}
      {dialog === "early" && part.step !== null && (
        <EarlyDialog
          name={name}
          step={part.step}
          day={part.day ?? 0}
          shortest={part.shortestDays ?? 0}
          next={item.stepKind}
          goOn={goOn}
          close={close}
        />
      )}
      {dialog === "read" && <ReadFirst name={name} cautions={item.cautions} close={close} goOn={read} />}
    </Suspense>
  );
}
