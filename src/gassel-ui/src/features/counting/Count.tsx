import { useMemo, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { useCountTrays, useSite } from "../../api/queries";
import type { CountTray } from "../../api/types";
import { useDevice } from "../../app/DeviceContext";
import { useKeys } from "../../app/Keys";
import { SERIF } from "../../app/theme";
import { SeedPlate } from "../../drawings/SeedPlate";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { DayStepper } from "../../shared/DayStepper";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { actDay, addDays, daysBetween, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { dueKey } from "../rounds/dueLines";
import { CountFile } from "./CountFile";
import { emptyTally, reading, rubOut, swapField, typeDigit } from "./tally";
import type { Field } from "./tally";
import { useWaitingCounts } from "./waitingCounts";

/** The tray in front of you: digits count, Enter records. */
export function Count() {
  const { id = "", part = "" } = useParams();
  const trays = useCountTrays();
  const today = useSite().data?.today;
  if (trays.error) return <Failure error={trays.error} />;
  if (!trays.data || !today) return <Loading what="the tray" />;
  const tray = trays.data.trays.find((t) => t.batchId === id && t.part === part);
  if (!tray) {
    return (
      <EmptyNote
        title="This part is not sown, or is finished"
        action={
          <Button component={Link} to={`/batches/${id}`} variant="contained">
            to the batch
          </Button>
        }
      >
        Only what is sown and still grows can be counted. Record the sowing on Rounds first.
      </EmptyNote>
    );
  }
  return <Tray tray={tray} today={today} />;
}

function Tray({ tray, today }: { tray: CountTray; today: Day }) {
  const { palette } = useDevice();
  const { record } = useRecord();
  const [earlier, setEarlier] = useState(0);
  const [tally, setTally] = useState(emptyTally);
  const doneOn = addDays(today, -earlier);
  const waiting = useWaitingCounts()(tray);
  const { batchId: id, number, commonName, part, sownOn } = tray;
  const read = reading(tally);
  const left = tray.seeds - tray.emerged;
  const keys = useMemo(() => {
    const send = async () => {
      if (!read) return;
      const said = `B-${number}: ${read.emerged} new, ${read.lost} lost`;
      const settles = dueKey(number, part, "countSeedlings");
      if (await record(id, [{ kind: "count", part, ...read, cause: "unknown" }], doneOn, said, settles))
        setTally(emptyTally);
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
        { key: "Backspace", shown: "Backspace", does: "take back a digit", run: () => setTally(rubOut) },
        { key: "l", shown: "l", does: "switch between new and lost", run: () => setTally(swapField) },
        { key: "[", shown: "[", does: "done a day earlier", run: () => setEarlier((d) => d + 1) },
        { key: "]", shown: "]", does: "done a day later", run: () => setEarlier((d) => Math.max(0, d - 1)) },
      ],
    };
  }, [read, number, record, id, part, doneOn]);
  useKeys(keys.list);

  const counts = [...tray.counts].reverse();
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
          B-{number} {tray.vessel?.label ?? `part ${part}`}: {commonName}
        </Typography>
        <Typography variant="body2">
          Sown {actDay(sownOn, today)}, day {daysBetween(sownOn, doneOn)}
          {tray.longestDays !== null &&
            `; expected up to ${shortDay(addDays(sownOn, tray.longestDays), today)}`}
          . {left} of {tray.seeds} not up.
        </Typography>
        <DayStepper
          label="Counted"
          day={doneOn}
          today={today}
          onChange={(day) => setEarlier(Math.max(0, daysBetween(day, today)))}
        />
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1, my: 1 }}>
          <Figure
            field="emerged"
            label="new seedlings"
            text={tally.emerged}
            active={tally.field === "emerged"}
            choose={() => setTally({ ...tally, field: "emerged" })}
          />
          <Figure
            field="lost"
            label="lost"
            text={tally.lost}
            active={tally.field === "lost"}
            choose={() => setTally({ ...tally, field: "lost" })}
          />
        </Box>
        <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 0.75 }}>
          {[..."123456789"].map((digit) => (
            <PadKey key={digit} name={digit} press={() => setTally(typeDigit(tally, digit))} />
          ))}
          <PadKey name="rub out" press={() => setTally(rubOut(tally))} small />
          <PadKey name="0" press={() => setTally(typeDigit(tally, "0"))} />
          <Button
            variant="contained"
            disabled={!read}
            onClick={() => void keys.send()}
            sx={{ minHeight: 56, fontSize: "1.05rem", px: 0.5 }}
          >
            record
          </Button>
        </Box>
      </Card>
      <Box sx={{ display: "grid", gap: 2 }}>
        <Card label="as it stands">
          <Typography variant="h2" data-testid="standing">
            {several(tray.standing, "seedling stands", "seedlings stand")} of {several(tray.seeds, "seed")}
          </Typography>
          <Typography variant="body2" sx={{ mb: 1 }}>
            {tray.emerged} came up, {tray.lost} lost, {left} not up yet.{" "}
            <Link to={`/batches/${id}`} style={{ color: palette.slate }}>
              what the counts say
            </Link>
          </Typography>
          <SeedPlate seeds={tray.seeds} standing={tray.standing} lost={tray.lost} />
        </Card>
        <Card label="last counts">
          <Typography variant="h2">Last counts</Typography>
          {counts.length + waiting.length === 0 && (
            <Typography>None yet. Looking and finding nothing counts too: record 0.</Typography>
          )}
          <Box
            component="table"
            sx={{
              borderSpacing: 0,
              width: "100%",
              maxWidth: 480,
              "& td, & th": { textAlign: "right", py: 0.4, px: 1, borderBottom: `1px solid ${palette.line}` },
              "& :first-of-type": { textAlign: "left" },
            }}
          >
            {counts.length + waiting.length > 0 && (
              <thead>
                <tr>
                  <th>counted</th>
                  <th>day</th>
                  <th>new</th>
                  <th>lost</th>
                </tr>
              </thead>
            )}
            <tbody>
              {waiting.map((count) => (
                <tr key={count.entry} data-testid="waiting-count">
                  <td>{actDay(count.on, today)}, waits to be sent</td>
                  <td>{daysBetween(sownOn, count.on)}</td>
                  <td>{count.emerged}</td>
                  <td>{count.lost}</td>
                </tr>
              ))}
              {counts.slice(0, 6).map((count) => (
                <tr key={count.entry}>
                  <td>{actDay(count.on, today)}</td>
                  <td>{daysBetween(sownOn, count.on)}</td>
                  <td>{count.emerged}</td>
                  <td>{count.lost}</td>
                </tr>
              ))}
            </tbody>
          </Box>
        </Card>
        <CountFile batch={id} part={part} />
      </Box>
    </Box>
  );
}

function Figure({
  field,
  label,
  text,
  active,
  choose,
}: {
  field: Field;
  label: string;
  text: string;
  active: boolean;
  choose: () => void;
}) {
  const { palette } = useDevice();
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={active}
      aria-label={`${label}: ${text || "nothing typed"}`}
      data-testid={`tally-${field}`}
      onClick={choose}
      sx={{
        border: `3px solid ${active ? palette.slate : palette.line}`,
        borderRadius: 1.5,
        bgcolor: palette.card,
        color: palette.ink,
        font: "inherit",
        p: 0.5,
        cursor: "pointer",
      }}
    >
      <Box sx={{ fontFamily: SERIF, fontSize: "2.5rem", fontWeight: 600, lineHeight: 1.1 }}>
        {text || "–"}
      </Box>
      <Box>{label}</Box>
    </Box>
  );
}

function PadKey({ name, press, small = false }: { name: string; press: () => void; small?: boolean }) {
  return (
    <Button
      variant="outlined"
      onClick={press}
      sx={{ minHeight: 56, fontSize: small ? "1rem" : "1.5rem", px: 0.5 }}
    >
      {name}
    </Button>
  );
}
