import { lazy, Suspense, useMemo, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useRounds, useSite, useSymptoms } from "../../book/queries";
import { useKeys } from "../../shared/Keys";
import { useSettled } from "../../offline/useQueue";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { useAsked } from "../../shared/useAsked";
import { useNarrow } from "../../shared/useNarrow";
import { addDays } from "../../time/days";
import { TroubleList } from "../temperature/TroubleList";
import { AlarmLines } from "./AlarmLines";
import { AsideList } from "./AsideList";
import { ConflictList } from "./ConflictList";
import { DoneNow } from "./DoneNow";
import { linesOf } from "./dueLines";
import { NothingYet } from "./NothingYet";
import { PlaceCard } from "./PlaceCard";
import { PlaceChoice } from "./PlaceChoice";
import { placeJobs } from "./placeJobs";
import { pressOther, stepTo } from "./rowKeys";
import { isQuiet, nextPlace, workOf } from "./standing";
import { TroubleLines } from "./TroubleLines";
import { SimulatedNote } from "./SimulatedNote";
import { YardAsks } from "./YardAsks";
import { ForecastCard } from "../weather/ForecastCard";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";

const ScanDialog = lazy(() => import("../finding/ScanDialog").then((m) => ({ default: m.ScanDialog })));

const ASKED_BY = ["place"] as const;

/** So many places are seen at a glance, also on a phone. */
const FEW = 2;

/** What needs hands today, by the place where one stands. */
export function Rounds() {
  const rounds = useRounds();
  const site = useSite().data;
  const settled = useSettled();
  const { asked } = useAsked(ASKED_BY);
  const isNarrow = useNarrow();
  const [scans, setScans] = useState(false);
  // what to do about a symptom is at hand where no connection is
  useSymptoms();
  const { doneOn, setDoneOn } = useDoneOn();
  const today = rounds.data?.today ?? "1970-01-01";
  useKeys(
    useMemo(
      () => [
        { key: "ArrowDown", shown: "↓", does: "next job", run: () => stepTo(1) },
        { key: "ArrowUp", shown: "↑", does: "job before", run: () => stepTo(-1) },
        { key: "o", shown: "o", does: "record differently; Enter records as usual", run: pressOther },
        { key: "[", shown: "[", does: "done a day earlier", run: () => setDoneOn(addDays(doneOn, -1)) },
        {
          key: "]",
          shown: "]",
          does: "done a day later, at most today",
          run: () => setDoneOn(addDays(doneOn, 1)),
        },
      ],
      [doneOn, setDoneOn],
    ),
  );

  if (rounds.error) return <Failure error={rounds.error} />;
  if (!rounds.data || !site) return <Loading what="today's rounds" />;
  const { places, conflicts } = rounds.data;
  // what was recorded here and waits is done; only what is still listed as due is taken off
  const dueCount =
    rounds.data.dueCount -
    places.flatMap((place) => linesOf(place, today)).filter((line) => settled.has(line.key)).length -
    places.flatMap((place) => placeJobs(place, today)).filter((job) => settled.has(job.key)).length;
  if (places.length === 0) return <NothingYet hasSite={site.site !== null} />;
  const work = workOf(places, today, settled);
  const here = places.find((place) => place.place.id === asked.place);
  // on a phone one stands at one place at a time
  const chooses = isNarrow && !here && places.length > FEW;
  const quiet = here || isNarrow ? [] : work.filter(isQuiet);
  const shown = here ? [here] : chooses ? [] : work.filter((w) => !quiet.includes(w)).map((w) => w.place);
  const onward = here ? nextPlace(work, here.place.id) : null;
  const isYard = !here || here.place.isOutdoors;
  const troubles = (here ? [here] : places).flatMap((place) => place.temperature.troubles);
  const late = places
    .flatMap((p) => p.parts)
    .flatMap((p) => p.due)
    .filter((d) => d.due.lateDays > 0).length;
  // what is not of one place: above the places on a phone, in the columns with them where there is room
  const more = (
    <>
      {!chooses && !(here && isNarrow) && troubles.length > 0 && (
        <Card label="what is the matter" sx={{ py: { xs: 0.75, md: 0.5 } }}>
          <TroubleList troubles={troubles} />
        </Card>
      )}
      {isYard && places.some((p) => p.place.isOutdoors && p.parts.length > 0) && <ForecastCard />}
      {isYard && !chooses && rounds.data.yard.length > 0 && <YardAsks alerts={rounds.data.yard} />}
      <SimulatedNote names={rounds.data.simulatedAside} />
      {rounds.data.aside.length > 0 && <AsideList aside={rounds.data.aside} />}
      {!here && conflicts.length > 0 && (
        <Box sx={{ order: 1 }}>
          <ConflictList conflicts={conflicts} count={rounds.data.conflictCount} today={today} />
        </Box>
      )}
    </>
  );
  return (
    <Box sx={{ display: "flex", flexDirection: "column" }}>
      <Box
        sx={{
          display: "flex",
          alignItems: "center",
          flexWrap: "wrap",
          columnGap: { xs: 1.5, md: 3 },
          rowGap: 0.5,
          mb: { xs: 0.5, md: 1 },
        }}
      >
        <Typography variant="h1" sx={{ fontSize: { xs: "1.3rem", md: "1.6rem" } }}>
          {here
            ? here.place.name
            : dueCount === 0
              ? "Nothing is due today"
              : `${several(dueCount, "job")} today`}
          {!here && late > 0 && `, ${late} overdue`}
        </Typography>
        {here ? (
          <Button component={Link} to="/" variant="outlined" sx={{ ml: { xs: "auto", md: 0 } }}>
            All places
          </Button>
        ) : (
          <Button component={Link} to="/sheet" variant="outlined">
            Print job sheet
          </Button>
        )}
        <Box sx={{ ml: { md: "auto" } }}>
          <DoneOnStepper />
        </Box>
      </Box>
      {chooses && (
        <>
          <AlarmLines places={places} yard={rounds.data.yard} />
          <PlaceChoice work={work} timeZone={site.timeZone} today={today} />
          <Button
            variant="outlined"
            sx={{ alignSelf: "start", minHeight: 52, my: 1 }}
            onClick={() => setScans(true)}
          >
            Scan the card of a place
          </Button>
          {scans && (
            <Suspense>
              <ScanDialog close={() => setScans(false)} />
            </Suspense>
          )}
        </>
      )}
      {!chooses && here && isNarrow && troubles.length > 0 && <TroubleLines troubles={troubles} />}
      {isNarrow && more}
      <Box
        sx={{
          columnCount: { xs: 1, lg: here ? 1 : 2 },
          columnGap: "16px",
          "& > *": { breakInside: "avoid", mb: { xs: "16px", lg: "10px" } },
        }}
      >
        {!isNarrow && more}
        {shown.map((place) => (
          <PlaceCard
            key={place.place.id}
            place={place}
            doneOn={doneOn}
            today={today}
            timeZone={site.timeZone}
            isNamed={here !== undefined}
            inHand={isNarrow}
          />
        ))}
        {quiet.length > 0 && (
          <Card label="no jobs today">
            <Typography variant="h2">No jobs today</Typography>
            <PlaceChoice work={quiet} timeZone={site.timeZone} today={today} />
          </Card>
        )}
      </Box>
      <DoneNow />
      {onward && (
        <Button
          component={Link}
          to={`/?place=${onward.place.place.id}`}
          variant="outlined"
          sx={{ alignSelf: "start", minHeight: 56 }}
        >
          Next: {onward.place.place.name}, {several(onward.jobs, "job")}
        </Button>
      )}
    </Box>
  );
}
