import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link, useParams } from "react-router";
import { useContainer, usePlacesInUse, useSite } from "../../book/queries";
import type { ContainerDetail, Tending } from "../../api/types";
import { ContainerCutaway } from "../../drawings/ContainerCutaway";
import { InsideHours } from "../../drawings/InsideHours";
import { InsideSeason } from "../../drawings/InsideSeason";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { countOf } from "../../record/entries";
import { PhotoButton } from "../../record/PhotoButton";
import { Card } from "../../shared/Card";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { degreeDaysUnit, unbroken, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { Calibration } from "./Calibration";
import { useTend } from "./useTend";
import { careWords, coldWords, upWords } from "./yardWords";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";
import { hourNumbers, seasonNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

const TENDINGS: [Tending, string][] = [
  ["capOn", "cap on"],
  ["capOff", "cap off"],
  ["topOpen", "top open"],
  ["covered", "cover"],
  ["carriedIn", "carry in"],
  ["backOut", "back out"],
  ["watered", "watered"],
  ["drained", "drained"],
  ["secured", "secured"],
];

/** One winter container: cut open, hour by hour, and through its season. */
export function Container() {
  const { batch = "", part = "" } = useParams();
  const found = useContainer(batch, part);
  const site = useSite().data;
  if (found.error) return <Failure error={found.error} />;
  if (!found.data || !site) return <Loading what="the container" />;
  return (
    <ContainerPage
      key={batch + part}
      detail={found.data}
      now={site.now}
      today={site.today}
      timeZone={site.timeZone}
    />
  );
}

function ContainerPage({
  detail,
  now,
  today,
  timeZone,
}: {
  detail: ContainerDetail;
  now: string;
  today: Day;
  timeZone: string;
}) {
  const units = useUnits();
  const tend = useTend();
  const { brief } = detail;
  const nowMs = Date.parse(now);
  const outdoor = detail.hours.filter((h) => Date.parse(h.at) <= nowMs).at(-1)?.outdoorC ?? null;
  const sheltered = brief.shelter !== "none";
  const fitting = TENDINGS.filter(([what]) =>
    what === "backOut"
      ? sheltered
      : what === "covered" || what === "carriedIn"
        ? brief.shelter !== what
        : brief.setup.kind === "pot"
          ? !["capOn", "capOff", "topOpen"].includes(what)
          : !(
              (what === "capOn" && brief.cap === "on") ||
              (what === "capOff" && brief.cap === "off") ||
              (what === "topOpen" && brief.cap === "open")
            ),
  );
  return (
    <Box
      sx={{
        display: "grid",
        gap: 1.5,
        gridTemplateColumns: { xs: "minmax(0,1fr)", md: "minmax(0,1fr) minmax(0,1.75fr)" },
        alignItems: "start",
      }}
    >
      <Card label="container" sx={{ display: "grid", gap: 0.75 }}>
        <Typography variant="h1" sx={{ fontSize: "1.45rem" }}>
          {brief.label}: {brief.commonName}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          {brief.kind}
          {brief.described ? "" : ", assumed: not described yet"} · {careWords(brief.setup)} · out since{" "}
          {shortDay(brief.setOutOn, today)} ·{" "}
          <Link to={`/batches/${brief.batchId}`} style={{ color: "inherit" }}>
            B-{brief.number}
          </Link>
          {" · "}
          <Link to="/yard" style={{ color: "inherit" }}>
            the yard
          </Link>
        </Typography>
        <ContainerCutaway brief={brief} outdoorC={outdoor} />
        <Typography sx={{ fontWeight: 600 }} data-testid="container-cold">
          {coldWords(brief, today)}
        </Typography>
        <Typography data-testid="container-up">{upWords(brief, today)}</Typography>
        <Typography variant="body2">
          Now {brief.setup.kind === "pot" ? "without a lid" : WORDS.CapPosition[brief.cap]}
          {brief.shelter === "covered"
            ? ", covered"
            : brief.shelter === "carriedIn"
              ? ", carried in"
              : ""}; {detail.frozenHours.toFixed(0)} hours frozen so far.
        </Typography>
        {brief.warnings.map((warning) => (
          <Typography
            key={warning.kind}
            sx={{ display: "flex", gap: 0.75 }}
            data-testid={`warning-${warning.kind}`}
          >
            <AlarmMark small />
            <span>{unbroken(warning.reason)}</span>
          </Typography>
        ))}
        <Why lines={detail.working} about="the inside of the container" />
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          <Button component={Link} to={`/count/${brief.batchId}/${brief.part}`} variant="contained">
            Count
          </Button>
          <PhotoButton batch={brief.batchId} number={brief.number} part={brief.part} />
          {fitting.map(([what, words]) => (
            <Button
              key={what}
              variant="outlined"
              onClick={() => void tend([brief], what, `${brief.label}: ${words}`)}
            >
              {words}
            </Button>
          ))}
        </Box>
        {brief.standing > 0 && <Survivors detail={detail} />}
        <Move detail={detail} />
        <DoneOnStepper />
      </Card>
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {brief.withheld !== null ? (
          <Card label="withheld">
            <Typography sx={{ fontWeight: 600 }}>Inside not known: {brief.withheld}</Typography>
          </Card>
        ) : (
          <>
            {detail.hours.length > 0 && (
              <Card label="hour by hour">
                <Typography variant="h2">Hour by hour</Typography>
                {detail.hours.some((h) => h.airBand) && (
                  <Typography variant="body2" color="text.secondary">
                    shaded: where the air inside may be by the model, nine times in ten
                  </Typography>
                )}
                <InsideHours
                  hours={detail.hours}
                  killC={detail.killC}
                  now={now}
                  today={today}
                  timeZone={timeZone}
                />
                <ChartTable {...hourNumbers(detail.hours, units, timeZone, today)} />
              </Card>
            )}
            <Card label="through the season">
              <Typography variant="h2">Through the season</Typography>
              <InsideSeason detail={detail} today={today} />
              <ChartTable {...seasonNumbers(detail, units, today)} />
              <Typography variant="body2" color="text.secondary">
                Left: days of cold in the mix (textured; pale beyond today). Broken line, right: warmth
                gathered since, {degreeDaysUnit(units)}, between a tenth and nine tenths up. Circles: share of
                the seed that was counted up. Beyond{" "}
                {actDay(
                  detail.days.filter((d) => d.source !== "typical").at(-1)?.inside.date ?? today,
                  today,
                )}{" "}
                by the mean of the years on record.
              </Typography>
            </Card>
          </>
        )}
        <Card label="as it was made ready">
          <Typography variant="h2">As it was made ready</Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5, columns: { md: 2 } }}>
            {detail.preparation.map((line) => (
              <li key={line.step}>
                {line.done ? "done: " : <b>not checked off: </b>}
                {line.words}
              </li>
            ))}
          </Box>
          {detail.doubts.map((doubt) => (
            <Typography key={doubt} variant="body2">
              {doubt}
            </Typography>
          ))}
          {detail.tended.length > 0 && (
            <Typography sx={{ mt: 0.5 }} data-testid="tended">
              Since then: {detail.tended.map((t) => `${actDay(t.on, today)} ${t.words}`).join("; ")}.
            </Typography>
          )}
        </Card>
        {brief.withheld === null && brief.setup.kind !== null && <Calibration detail={detail} />}
      </Box>
    </Box>
  );
}

/** After a freeze: how many still stand. */
function Survivors({ detail }: { detail: ContainerDetail }) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const { brief } = detail;
  const [standing, setStanding] = useState<number | null>(null);
  const lost = standing === null ? 0 : brief.standing - standing;
  return (
    <Box
      sx={{ display: "flex", gap: 1, alignItems: "flex-start", flexWrap: "wrap", mt: 0.5 }}
      data-testid="survivors"
    >
      <Box sx={{ flex: "1 1 150px", maxWidth: 220 }}>
        <NumberField
          label="Survivors after a freeze"
          name="survivors"
          value={standing}
          onChange={setStanding}
          min={0}
          max={brief.standing}
          helper={`of ${brief.standing} before`}
        />
      </Box>
      <Button
        variant="outlined"
        disabled={standing === null}
        onClick={() =>
          void record(
            brief.batchId,
            [countOf(brief.part, 0, lost, { cause: lost > 0 ? "frost" : "unknown" })],
            doneOn,
            `${brief.label}: ${standing} alive, ${lost} lost to frost`,
          )
        }
      >
        Record
      </Button>
    </Box>
  );
}

/** To another spot of the yard. */
function Move({ detail }: { detail: ContainerDetail }) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const { brief } = detail;
  const spots = usePlacesInUse().filter((place) => place.isOpenAir);
  if (spots.length < 2) return null;
  return (
    <ChoiceField
      label="Location"
      name="place"
      value={brief.placeId}
      onChange={(place) =>
        void record(
          brief.batchId,
          [{ kind: "moved", part: brief.part, place, some: null }],
          doneOn,
          `${brief.label}: moved to ${spots.find((s) => s.id === place)?.name ?? place}`,
        )
      }
      choices={spots.map((s) => [s.id, s.name] as const)}
      helper="the move is recorded, and the model follows"
    />
  );
}
