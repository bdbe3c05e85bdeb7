import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useRoundsOn, useSite } from "../../book/queries";
import { useSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { actDay, addDays } from "../../time/days";
import { linesOf } from "../rounds/dueLines";
import { paperScale, passOf, unmarked, wantsReading, withPlaceJobs } from "./sheet";
import { placeJobs } from "../rounds/placeJobs";
import { PlaceJobRow } from "./PlaceJobRow";
import type { Mark } from "./sheet";
import type { DueLine } from "../rounds/dueLines";
import { SheetRow } from "./SheetRow";
import { useDoneOn } from "../../record/DoneOn";
import { DoneOnStepper } from "../../record/DoneOnStepper";

/** The morning's sheet: printed with boxes to tick, and in the evening entered in one pass with the day it was done. */
export function Sheet() {
  const site = useSite().data;
  const [tomorrow, setTomorrow] = useState(false);
  const ahead = tomorrow && site ? addDays(site.today, 1) : null;
  const rounds = useRoundsOn(ahead);
  const settled = useSettled();
  const { recordMany } = useRecord();
  const [marks, setMarks] = useState<Record<string, Mark>>({});
  const { doneOn } = useDoneOn();
  if (rounds.error) return <Failure error={rounds.error} />;
  if (!rounds.data || !site) return <Loading what="the sheet" />;
  const { today } = rounds.data;
  const places = rounds.data.places
    .map((place) => ({ place: place.place, lines: linesOf(place, today), jobs: placeJobs(place, today) }))
    .filter((p) => p.lines.length + p.jobs.length > 0);
  const jobs = places.flatMap((p) => p.jobs).filter((job) => !settled.has(job.key));
  const all = places.flatMap((p) => p.lines);
  const open = (line: DueLine) => !wantsReading(line) && !settled.has(line.key);
  const { batches, settles } = withPlaceJobs(passOf(all.filter(open), marks), jobs, marks);
  const tickBags = (lines: DueLine[]) =>
    setMarks((before) => ({
      ...before,
      ...Object.fromEntries(
        lines
          .filter((line) => line.item.due.kind === "checkBag" && open(line))
          .map((line) => [line.key, { ...(before[line.key] ?? unmarked), done: true }]),
      ),
    }));
  const record = async () => {
    const told = `${several(settles.length, "thing")} recorded, done ${actDay(doneOn, today)}`;
    if (await recordMany(batches, doneOn, told, settles)) setMarks({});
  };
  if (places.length === 0)
    return (
      <EmptyNote
        title={tomorrow ? "Nothing is due tomorrow" : "Nothing is due today"}
        action={
          <Button variant="contained" onClick={() => setTomorrow(!tomorrow)}>
            {tomorrow ? "Show today" : "Show tomorrow"}
          </Button>
        }
      >
        The sheet lists the jobs, to print and tick off.
      </EmptyNote>
    );
  return (
    <>
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 2, rowGap: 0.5, mb: 1 }}>
        <Typography variant="h1" sx={{ fontSize: { xs: "1.3rem", md: "1.6rem" } }}>
          Sheet for {actDay(today)}
          <Typography component="span" sx={{ display: "none", displayPrint: "inline" }}>
            {" "}
            {site.site?.name} · done on ________ by ________
          </Typography>
        </Typography>
        <Button variant="outlined" onClick={() => window.print()} sx={{ displayPrint: "none" }}>
          Print
        </Button>
        <Button onClick={() => setTomorrow(!tomorrow)} sx={{ displayPrint: "none" }}>
          {tomorrow ? "Show today" : "Show tomorrow"}
        </Button>
        <Button component={Link} to="/" sx={{ displayPrint: "none" }}>
          To Rounds
        </Button>
      </Box>
      <Box
        sx={{
          columnCount: { xs: 1, lg: 2 },
          columnGap: "16px",
          "& > *": { breakInside: "avoid", mb: "12px" },
          "@media print": {
            columnCount: "auto",
            zoom: paperScale(all.length + jobs.length, places.length),
            "& > *": { mb: "1mm", p: "1mm 3mm" },
            "& h2": { fontSize: "12pt" },
          },
        }}
      >
        {places.map(({ place, lines, jobs }) => (
          <Card key={place.id} label={place.name}>
            <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
              <Typography variant="h2">{place.name}</Typography>
              {lines.filter((line) => line.item.due.kind === "checkBag").length > 1 && (
                <Button onClick={() => tickBags(lines)} sx={{ displayPrint: "none" }}>
                  Tick all bags
                </Button>
              )}
            </Box>
            {jobs.map((job) => (
              <PlaceJobRow
                key={job.key}
                place={place.name}
                job={job}
                done={marks[job.key]?.done ?? false}
                waits={settled.has(job.key)}
                change={(done) => setMarks((before) => ({ ...before, [job.key]: { ...unmarked, done } }))}
              />
            ))}
            {lines.map((line) => (
              <SheetRow
                key={line.key}
                line={line}
                mark={marks[line.key] ?? unmarked}
                today={today}
                waits={settled.has(line.key)}
                change={(mark) => setMarks((before) => ({ ...before, [line.key]: mark }))}
              />
            ))}
          </Card>
        ))}
      </Box>
      {!tomorrow && (
        <Card
          label="enter what was ticked"
          sx={{
            display: "flex",
            flexWrap: "wrap",
            alignItems: "center",
            gap: 2,
            displayPrint: "none",
            position: { md: "sticky" },
            bottom: { md: 8 },
          }}
        >
          <DoneOnStepper />
          <Button
            variant="contained"
            size="large"
            disabled={settles.length === 0}
            onClick={() => void record()}
          >
            Record {several(settles.length, "thing")} now
          </Button>
        </Card>
      )}
    </>
  );
}
