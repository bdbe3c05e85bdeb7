import { WORDS } from "../../api/words";
import { useMemo, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useNavigate } from "react-router";
import type { CountTray, LossCause, Moisture } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { useKeys } from "../../shared/Keys";
import { SeedPlate } from "../../drawings/SeedPlate";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { Choice } from "../../shared/Choice";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";
import { useNarrow } from "../../shared/useNarrow";
import { actDay, addDays, daysBetween, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { dueKey } from "../rounds/dueLines";
import { CountFile } from "./CountFile";
import { CountPlan } from "./CountPlan";
import { holders, inTray } from "./round";
import { LastCounts } from "./LastCounts";
import { Figure, Pad } from "./Pad";
import { useWaitingCounts } from "./waitingCounts";
import {
  aboveEstimate,
  countsOf,
  move,
  reading,
  rubOut,
  startTally,
  swapField,
  touch,
  typeDigit,
  typedAt,
} from "./tally";
import type { Field, Scope } from "./tally";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";
import { PhotoButton } from "../../record/PhotoButton";

interface TrayCountProps {
  tray: CountTray;
  /** The one to count after it. */
  next: CountTray;
  /** Which of how many. */
  place: string;
  today: Day;
}

const SCOPES: Record<Scope, string> = { tray: "whole tray", row: "by rows", cell: "by cells" };
const CAUSES = Object.entries(WORDS.LossCause) as [LossCause, string][];
const MIX: [Moisture, string][] = [
  ["right", "moist"],
  ["dry", "dry"],
  ["dripping", "wet"],
];
const ARROWS = ["ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown"] as const;

/** Counting one tray: new and lost, of the whole, by rows, or cell by cell on the drawing. */
export function TrayCount({ tray, next, place, today }: TrayCountProps) {
  const { palette } = useDevice();
  const { recordMany } = useRecord();
  const navigate = useNavigate();
  const { doneOn, setDoneOn } = useDoneOn();
  const [tally, setTally] = useState(() => startTally(tray.others.length > 0 ? "cell" : "tray"));
  const [cause, setCause] = useState<LossCause>("unknown");
  const [mix, setMix] = useState<Moisture | null>(null);
  const [raised, setRaised] = useState<number | null>(null);
  const waiting = useWaitingCounts()(tray);
  const { batchId, number, commonName, part, sownOn, grid } = tray;
  const read = reading(tally);
  const left = tray.seeds - tray.emerged;
  const above = aboveEstimate(tray, tally);
  const estimate = above === null ? null : { seeds: raised ?? above, percent: tray.estimatePercent ?? 20 };
  const numbers = tally.scope === "tray" ? typedAt(tally, 0) : typedAt(tally);
  const scopes: Scope[] = grid
    ? tray.others.length === 0
      ? ["tray", "row", "cell"]
      : tray.blind
        ? ["cell"]
        : ["tray", "cell"]
    : ["tray"];
  const toNext = () => void navigate(`/count/${next.batchId}/${next.part}`);

  const narrow = useNarrow();
  // under a thumb the cells are touched where they are drawn, and the pad makes room for them
  const byThumb = narrow && grid !== null && tally.scope === "cell";
  const all = tray.others.length > 0 && tally.scope === "cell";
  const stands = all ? inTray(tray) : tray;

  const keys = useMemo(() => {
    const send = async () => {
      const batches = countsOf(tray, tally, cause, estimate);
      if (!read || batches.length === 0) return;
      if (mix !== null)
        batches[0]?.payloads.unshift({
          kind: "check",
          part,
          moisture: mix,
          mould: "none",
          sprouted: 0,
          action: null,
          care: null,
          placeC: null,
        });
      const settles = [dueKey(number, part, "countSeedlings")].concat(
        tally.scope === "cell" ? tray.others.map((o) => dueKey(o.number, o.part, "countSeedlings")) : [],
      );
      const said =
        `${tray.vessel?.label ?? `B-${number}`}: ${read.emerged} new, ` +
        `${read.lost} lost${read.rooted > 0 ? `, ${read.rooted} rooted` : ""}`;
      if (await recordMany(batches, doneOn, said, settles)) {
        setTally((t) => startTally(t.scope));
        setCause("unknown");
        setMix(null);
        setRaised(null);
      }
    };
    return {
      send,
      list: [
        ...[..."0123456789"].map((digit) => ({
          key: digit,
          shown: digit,
          does: `type ${digit}`,
          run: () => setTally((t) => typeDigit(t, digit)),
        })),
        { key: "Enter", shown: "Enter", does: "record the count", run: () => void send() },
        { key: "Backspace", shown: "Backspace", does: "delete a digit", run: () => setTally(rubOut) },
        { key: "l", shown: "l", does: "switch between new and lost", run: () => setTally(swapField) },
        ...(grid
          ? [
              ...ARROWS.map((arrow) => ({
                key: arrow as string,
                shown: { ArrowLeft: "←", ArrowRight: "→", ArrowUp: "↑", ArrowDown: "↓" }[arrow],
                does: "to the next cell or row",
                run: () => setTally((t) => move(t, arrow, grid)),
              })),
              {
                key: "c",
                shown: "c",
                does: "whole tray, by rows, by cells",
                run: () =>
                  setTally((t) =>
                    startTally(scopes[(scopes.indexOf(t.scope) + 1) % scopes.length] ?? "tray"),
                  ),
              },
            ]
          : []),
        { key: "n", shown: "n", does: "to the next tray", run: toNext },
        { key: "[", shown: "[", does: "done a day earlier", run: () => setDoneOn(addDays(doneOn, -1)) },
        { key: "]", shown: "]", does: "done a day later", run: () => setDoneOn(addDays(doneOn, 1)) },
      ],
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- scopes and the way to the next follow from the tray
  }, [
    read?.emerged,
    read?.lost,
    read?.rooted,
    tally,
    cause,
    mix,
    raised,
    tray,
    next,
    doneOn,
    setDoneOn,
    recordMany,
  ]);
  useKeys(keys.list);

  const fields: [Field, string][] = [
    ["emerged", tray.countsRoots ? "new shoots" : "new seedlings"],
    ["lost", "lost"],
    ...(tray.countsRoots && tally.scope === "tray" ? ([["rooted", "new roots"]] as [Field, string][]) : []),
  ];
  return (
    <Box
      sx={{
        display: "grid",
        gap: 2,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,420px) minmax(0,1fr)" },
        alignItems: "start",
      }}
    >
      <Card label="count">
        <Typography variant="h2" component="h1">
          {tray.blind
            ? `${tray.vessel?.label ?? "the tray"}: ${tray.blind}`
            : `${all ? holders(tray) : `B-${number}`} ${tray.vessel?.label ?? `part ${part}`}: ${commonName}`}
        </Typography>
        <Typography variant="body2" data-testid="sown-since">
          Sown {actDay(sownOn, today)}, day {daysBetween(sownOn, doneOn)}
          {tray.longestDays !== null &&
            `; expected up to ${shortDay(addDays(sownOn, tray.longestDays), today)}`}
          . {left} of {tray.seeds}
          {tray.estimatePercent !== null && ` (± ${tray.estimatePercent} %)`} not up yet.
        </Typography>
        <DoneOnStepper />
        <Box sx={{ display: "flex", alignItems: "center", gap: 1, mt: 0.5 }}>
          {scopes.length > 1 && (
            <Choice
              label="counted"
              value={tally.scope}
              onChange={(scope) => setTally(startTally(scope))}
              options={scopes.map((s) => [s, SCOPES[s]] as const)}
            />
          )}
          <PhotoButton batch={batchId} number={tray.blind ? null : number} part={part} />
        </Box>
        {byThumb && (
          <CountPlan tray={tray} tally={tally} turned onTouch={(cell) => setTally(touch(tally, cell))} />
        )}
        {tally.scope !== "tray" && (
          <Typography sx={{ mt: 0.5, fontWeight: 600 }} data-testid="tally-at">
            {tally.scope === "cell" ? `cell ${tally.at}` : `row ${tally.at}`}; in all{" "}
            {several(read?.emerged ?? 0, "new seedling")}, {read?.lost ?? 0} lost
          </Typography>
        )}
        <Box sx={{ display: "grid", gridTemplateColumns: `repeat(${fields.length}, 1fr)`, gap: 1, my: 1 }}>
          {fields.map(([field, label]) => (
            <Figure
              key={field}
              id={field}
              label={label}
              text={numbers[field]}
              active={tally.field === field}
              choose={() => setTally({ ...tally, field })}
            />
          ))}
        </Box>
        {(read?.lost ?? 0) > 0 && (
          <Box sx={{ mb: 1 }}>
            <Typography variant="body2">Lost to</Typography>
            <Choice label="lost to" value={cause} onChange={setCause} options={CAUSES} />
          </Box>
        )}
        {above !== null && (
          <Box sx={{ mb: 1 }} data-testid="raise-estimate">
            <Typography sx={{ fontWeight: 600 }}>
              {above} are up, and {tray.seeds} were estimated. This count raises the estimate to
            </Typography>
            <NumberField
              key={above}
              label="Seeds sown, estimated"
              name="raised"
              value={raised ?? above}
              onChange={setRaised}
              min={above}
              max={1_000_000}
              helper="at least what is up; more if you think others may still come"
            />
          </Box>
        )}
        {byThumb ? (
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 2fr", gap: 0.75 }}>
            <Button variant="outlined" sx={{ minHeight: 52 }} onClick={() => setTally(rubOut(tally))}>
              Delete
            </Button>
            <Button
              variant="contained"
              sx={{ minHeight: 52 }}
              disabled={read === null}
              onClick={() => void keys.send()}
            >
              Record
            </Button>
          </Box>
        ) : (
          <Pad
            type={(digit) => setTally(typeDigit(tally, digit))}
            rubOut={() => setTally(rubOut(tally))}
            record={() => void keys.send()}
            ready={read !== null}
          />
        )}
        <Box sx={{ display: "flex", gap: 1, mt: 1, flexWrap: "wrap", alignItems: "center" }}>
          <Typography variant="body2" component="span">
            mix
          </Typography>
          <Choice
            label="the mix"
            value={mix ?? ("" as Moisture)}
            onChange={(m) => setMix(m === mix ? null : m)}
            options={MIX}
          />
          {next !== tray && (
            <Button onClick={toNext} sx={{ ml: "auto" }}>
              Next: B-{next.number}
            </Button>
          )}
        </Box>
      </Card>
      <Box sx={{ display: "grid", gap: 2 }}>
        <Card label="standing">
          <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
            <Typography variant="h2" data-testid="standing">
              {several(stands.standing, "seedling")}
              {stands.seeds > 0 && ` from ${several(stands.seeds, "seed")}`}
            </Typography>
            <Typography variant="body2" color="text.secondary" sx={{ ml: "auto" }}>
              tray {place} in this round
            </Typography>
          </Box>
          <Typography variant="body2" sx={{ mb: 1 }}>
            {all && `Of B-${number}: `}
            {tray.emerged} came up, {tray.lost} lost, {left} not up yet
            {tray.countsRoots && `, ${tray.rooted} rooted`}.{" "}
            <Link to={`/batches/${batchId}`} style={{ color: palette.slate }}>
              What the counts say
            </Link>
          </Typography>
          {byThumb ? null : grid && tally.scope !== "tray" ? (
            <CountPlan tray={tray} tally={tally} onTouch={(cell) => setTally(touch(tally, cell))} />
          ) : (
            <SeedPlate seeds={tray.seeds} standing={tray.standing} lost={tray.lost} />
          )}
        </Card>
        <LastCounts tray={tray} waiting={waiting} today={today} />
        <CountFile batch={batchId} part={part} />
      </Box>
    </Box>
  );
}
