import { memo, useState } from "react";
import type { ReactElement } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { EntryPayload, StandingDue, StandingPart } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { stepWords } from "../../drawings/steps";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord, useRests } from "../../record/RecordProvider";
import { Cautions } from "../../shared/Cautions";
import { unbroken, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { hardened } from "../plants/plantGesture";
import { coldWords } from "./coldWords";
import { DueDialogs } from "./DueDialogs";
import type { DueDialog } from "./DueDialogs";
import { dueKey, isAtTheStep, isCautioned } from "./dueLines";
import { order, title, when } from "./dueWords";
import { HandLine } from "./HandLine";
import { gesturesOf, usual } from "./usual";
import { TimeLeft } from "./TimeLeft";

interface DueRowProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  /** The thermometer of the place as just read by eye, °C; null where nobody did. */
  placeC: number | null;
  /** On a phone, at one place: one button, the others behind a touch. */
  inHand?: boolean;
  /** A job above has its cautions already. */
  saidAbove?: boolean;
}

/**
 * One thing to do: what, how late, one touch for the usual outcome, and behind the words what waiting costs and why. Drawn anew only when
 * its own matter changes.
 */
export const DueRow = memo(function DueRow({
  part,
  item,
  doneOn,
  today,
  placeC,
  inHand = false,
  saidAbove = false,
}: DueRowProps) {
  const { palette } = useDevice();
  const units = useUnits();
  const { record } = useRecord();
  const [dialog, setDialog] = useState<DueDialog | null>(null);
  const rests = useRests(part.batchId);
  const { kind } = item.due;
  const name = `B-${part.number} ${part.commonName}`;
  const which = part.part === "1" ? "" : `, part ${part.part}`;
  const on = doneOn === today ? "" : `, done ${actDay(doneOn, today)}`;
  const settles = dueKey(part.number, part.part, kind);
  const waits = useIsSettled(settles);
  const atTheStep = isAtTheStep(item);
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
  const gestures = gesturesOf(part, kind);
  const acts = [
    way && (
      <Button
        key="0"
        variant="contained"
        disabled={rests}
        onClick={() => (early ? setDialog("early") : act())}
      >
        {way.button}
      </Button>
    ),
    kind === "lookForSwelling" && (
      <Button key="1" variant="contained" onClick={() => setDialog("swelling")}>
        Looked…
      </Button>
    ),
    kind === "takeHeight" && (
      <Button key="2" variant="contained" onClick={() => setDialog("height")}>
        Measured…
      </Button>
    ),
    kind === "lookAgain" && (
      <Button key="3" variant="outlined" onClick={() => setDialog("again")}>
        Still there…
      </Button>
    ),
    ...gestures.map(([gesture, words], i) => (
      <Button key={gesture} variant={i === 0 ? "contained" : "outlined"} onClick={() => setDialog(gesture)}>
        {words}
      </Button>
    )),
    kind === "checkBag" && (
      <Button key="5" variant="outlined" onClick={() => setDialog("look")}>
        Problem…
      </Button>
    ),
    atTheStep && !item.setsOut && !laid && (
      <Button
        key="6"
        variant="outlined"
        onClick={() => setDialog(kind === "sow" && part.sowing ? "sow" : "start")}
      >
        Record differently…
      </Button>
    ),
    item.optional && (
      <Button key="7" variant="outlined" disabled={rests} onClick={leaveOut}>
        Leave out
      </Button>
    ),
    item.setsOut && (
      <Button
        key="8"
        variant="contained"
        component={Link}
        to={part.laid ? `/trials/${part.laid.trialId}` : `/yard?ready=${part.batchId}`}
      >
        Make ready
      </Button>
    ),
    kind === "countSeedlings" && (
      <Button key="9" variant="contained" component={Link} to={`/count/${part.batchId}/${part.part}`}>
        Count
      </Button>
    ),
  ].filter(Boolean) as ReactElement[];
  const why = (
    <Why
      lines={[...item.due.working, ...(kind === "checkBag" ? (part.cold?.working ?? []) : [])]}
      about={`${name}, ${title(part, item)}`}
    />
  );
  const cost = (
    <>
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
    </>
  );
  const notes = (
    <>
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
    </>
  );
  const cautions = isCautioned(part, item) && (
    <Cautions cautions={item.cautions} folds={part.toRead.length === 0} saidAbove={saidAbove} />
  );
  const dialogs = dialog !== null && (
    <DueDialogs
      {...{ dialog, part, item, name, doneOn, today, settles, placeC }}
      close={() => setDialog(null)}
      goOn={act}
      read={() => send(part.toRead.map((topic) => ({ kind: "cautionRead", topic })))}
    />
  );
  const kept = (
    <Typography sx={{ fontWeight: 700 }}>{inHand ? "kept" : "recorded, waiting to be sent"}</Typography>
  );
  return (
    <>
      <HandLine
        testId={`due-${settles}`}
        state={waits ? "waiting" : "asked"}
        step={part.step ?? item.stepKind}
        name={`${name}${which}`}
        late={item.due.lateDays > 0}
        asks={
          <>
            {/* where buttons name every way to do it, they say what is asked */}
            {gestures.length < 3 || inHand
              ? `${inHand ? order(item) : title(part, item)}, ${when(item, today)}`
              : when(item, today)}
            {part.vessel && ` · ${part.vessel.label}${part.vessel.slot ? `, ${part.vessel.slot}` : ""}`}
            {item.due.dueAt && <TimeLeft dueAt={item.due.dueAt} />}
          </>
        }
        act={waits ? kept : inHand ? acts[0] : acts}
        always={cautions}
      >
        {cost}
        {notes}
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
          {!waits && inHand && acts.slice(1)}
          {why}
          <Link
            to={`/batches/${part.batchId}`}
            style={{ color: palette.slate, minHeight: 48, lineHeight: "48px" }}
          >
            The batch
          </Link>
        </Box>
      </HandLine>
      {dialogs}
    </>
  );
});
