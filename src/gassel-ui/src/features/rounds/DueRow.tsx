import { memo, useState } from "react";
import type { ReactElement } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { EntryPayload, StandingDue, StandingPart } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { stepWords } from "../../drawings/steps";
import { StepSwatch } from "../../drawings/StepSwatch";
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
import { dueKey } from "./dueLines";
import { order, title, when } from "./dueWords";
import { HandLine } from "./HandLine";
import { GESTURES, gesturesOf, usual } from "./usual";
import { TimeLeft } from "./TimeLeft";

interface DueRowProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  /** The thermometer of the place as just read by eye, °C; null where nobody did. */
  placeC: number | null;
  /** On a phone, at one place: one line and one button. */
  inHand?: boolean;
}

/**
 * One thing to do: what, how late, what waiting costs, one touch for the usual outcome and a second for another. Drawn anew only when its
 * own matter changes.
 */
export const DueRow = memo(function DueRow({
  part,
  item,
  doneOn,
  today,
  placeC,
  inHand = false,
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
    ...gesturesOf(part, kind).map(([gesture, words], i) => (
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
  const cautions = (atTheStep || (handled && part.hazard !== "none")) && (
    <Cautions cautions={item.cautions} folds={part.toRead.length === 0} />
  );
  const dialogs = dialog !== null && (
    <DueDialogs
      {...{ dialog, part, item, name, doneOn, today, settles, placeC }}
      close={() => setDialog(null)}
      goOn={act}
      read={() => send(part.toRead.map((topic) => ({ kind: "cautionRead", topic })))}
    />
  );
  if (inHand)
    return (
      <>
        <HandLine
          testId={`due-${settles}`}
          state={waits ? "waiting" : "asked"}
          glyph={<StepSwatch kind={part.step ?? item.stepKind} height={46} />}
          name={`${name}${which}`}
          late={item.due.lateDays > 0}
          asks={
            <>
              {order(item)}, {when(item, today)}
              {part.vessel && ` · ${part.vessel.label}${part.vessel.slot ? `, ${part.vessel.slot}` : ""}`}
              {item.due.dueAt && <TimeLeft dueAt={item.due.dueAt} />}
            </>
          }
          act={waits ? <Typography sx={{ fontWeight: 700 }}>kept</Typography> : acts[0]}
          always={cautions}
        >
          {cost}
          {notes}
          <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "center" }}>
            {!waits && acts.slice(1)}
            {why}
          </Box>
          <Link
            to={`/batches/${part.batchId}`}
            style={{ color: palette.slate, minHeight: 48, lineHeight: "48px" }}
          >
            The batch
          </Link>
        </HandLine>
        {dialogs}
      </>
    );
  return (
    <Box
      sx={{ borderTop: `1px solid ${palette.line}`, py: 1, "&:first-of-type": { borderTop: "none" } }}
      data-testid={`due-${settles}`}
      data-state={waits ? "waiting" : "asked"}
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
          {cost}
        </Box>
        {waits ? (
          <Typography sx={{ fontWeight: 700 }}>recorded, waiting to be sent</Typography>
        ) : (
          <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
            {acts}
            {why}
          </Box>
        )}
      </Box>
      {notes}
      {cautions}
      {dialogs}
    </Box>
  );
});
