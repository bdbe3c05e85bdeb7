import { useRef, useState } from "react";
import { Box, Button, LinearProgress, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "react-router";
import { usePlaces, useSite } from "../../book/queries";
import type { LoggerFileReport } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { Choice } from "../../shared/Choice";
import { ChoiceField } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { useTurns } from "../../shared/turns";
import { degrees, useUnits } from "../../shared/units";
import { momentWords } from "../../time/moments";
import { firstRows, sendFile } from "./sendFile";
import { FileButton } from "../../shared/FileButton";
import { WordsField } from "../../shared/WordsField";

type Reading = Pick<LoggerFileReport, "atColumn" | "timeColumn" | "tempColumn" | "order" | "unit" | "clock">;

const readingOf = ({ atColumn, timeColumn, tempColumn, order, unit, clock }: LoggerFileReport): Reading => ({
  atColumn,
  timeColumn,
  tempColumn,
  order,
  unit,
  clock,
});

function addressOf(place: string, reading: Reading | null, sure: boolean, saveAs: string | null): string {
  const words = new URLSearchParams();
  for (const [word, value] of Object.entries(reading ?? {}))
    if (value !== null) words.set(word, String(value));
  if (sure) words.set("unitSure", "true");
  if (saveAs !== null) {
    words.set("save", "true");
    words.set("name", saveAs);
  }
  return `/api/places/${encodeURIComponent(place)}/reading-file?${words.toString()}`;
}

/** Readings of a place from a logger's file: looked at first, then read as it streams in. */
export function LoggerImport() {
  const { place = "" } = useParams();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const site = useSite().data;
  const units = useUnits();
  const name = usePlaces().data?.find((p) => p.id === place)?.name ?? place;
  const [file, setFile] = useState<File | null>(null);
  const [title, setTitle] = useState("");
  const [sure, setSure] = useState(false);
  const [report, setReport] = useState<LoggerFileReport | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [error, setError] = useState<unknown>(null);
  const cancel = useRef<(() => void) | null>(null);

  const turns = useTurns();

  const look = async (chosen: File, reading: Reading | null, unitSure: boolean) => {
    setError(null);
    const isNewest = turns.begin();
    try {
      const piece = await firstRows(chosen);
      const { answer } = sendFile<LoggerFileReport>(
        addressOf(place, reading, unitSure, null),
        piece,
        () => undefined,
      );
      const seen = await answer;
      if (isNewest()) setReport(seen);
    } catch (refused) {
      if (!isNewest()) return;
      if (!reading) setReport(null);
      setError(refused);
    }
  };
  const again = (part: Partial<Reading>, unitSure = sure) => {
    setSure(unitSure);
    if (file && report) void look(file, { ...readingOf(report), ...part }, unitSure);
  };
  const keep = async () => {
    if (!file || !report) return;
    setError(null);
    setShare(0);
    const sending = sendFile<LoggerFileReport>(
      addressOf(place, readingOf(report), sure, title),
      file,
      setShare,
    );
    cancel.current = sending.cancel;
    try {
      const kept = await sending.answer;
      await queries.invalidateQueries();
      if (kept.savedAs === null) setReport(kept);
      else await navigate(`/site/temperature/${place}`);
    } catch (refused) {
      setError(refused);
    } finally {
      cancel.current = null;
      setShare(null);
    }
  };
  if (!site) return null;
  const columns = report?.columns.map((c, i) => [String(i), c || `column ${i + 1}`] as const) ?? [];
  return (
    <Card label="logger file">
      <Typography variant="h1">A logger’s file for {name}</Typography>
      <Typography sx={{ mb: 1.5, maxWidth: "75ch" }}>
        CSV with a first line that names the columns, one reading a row. Any size. You can cancel while it is
        read; then nothing is kept.
      </Typography>
      <FileButton
        accept=".csv,.txt,text/csv,text/plain"
        testId="logger-file"
        variant={report ? "outlined" : "contained"}
        disabled={share !== null}
        take={(chosen) => {
          setFile(chosen);
          setSure(false);
          setTitle(chosen.name.replace(/\.[^.]*$/, ""));
          void look(chosen, null, false);
        }}
      >
        Choose a file
      </FileButton>
      <Button component={Link} to={`/site/temperature/${place}`} sx={{ ml: 1 }}>
        Cancel
      </Button>
      <Failure error={error} />
      {report && file && (
        <Box data-testid="logger-report" sx={{ mt: 2, display: "grid", gap: 2 }}>
          <Box
            sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(3, 1fr)" } }}
          >
            <ChoiceField
              label="Time in"
              name="atColumn"
              value={String(report.atColumn)}
              choices={columns}
              onChange={(c) => again({ atColumn: Number(c) })}
            />
            <ChoiceField
              label="Time of day in"
              name="timeColumn"
              value={report.timeColumn === null ? "none" : String(report.timeColumn)}
              choices={[["none", "it is with the day"], ...columns]}
              onChange={(c) => again({ timeColumn: c === "none" ? null : Number(c) })}
            />
            <ChoiceField
              label="Temperature in"
              name="tempColumn"
              value={String(report.tempColumn)}
              choices={columns}
              onChange={(c) => again({ tempColumn: Number(c) })}
            />
            <ChoiceField
              label="Dates read"
              name="order"
              value={report.order}
              choices={[
                ["yearFirst", "year first: 2027-03-14"],
                ["dayFirst", "day first: 14.03.2027"],
                ["monthFirst", "month first: 03/14/2027"],
              ]}
              onChange={(order) => again({ order })}
            />
            <ChoiceField
              label="Temperatures in"
              name="unit"
              value={report.unit}
              choices={[
                ["celsius", "°C"],
                ["fahrenheit", "°F"],
              ]}
              onChange={(unit) => again({ unit }, true)}
            />
            <ChoiceField
              label="The logger’s clock"
              name="clock"
              value={report.clock}
              choices={[
                ["siteTime", "changed for summer time"],
                ["standardTime", "standard time all year"],
                ["utc", "UTC"],
              ]}
              onChange={(clock) => again({ clock })}
              helper={`where rows carry no offset; site zone ${site.timeZone}`}
            />
          </Box>
          {report.unitDoubt && (
            <Box role="alert" data-testid="unit-doubt">
              <Typography sx={{ display: "flex", gap: 0.75, mb: 1 }}>
                <AlarmMark />
                <span>{report.unitDoubt}</span>
              </Typography>
              <Choice
                label="unit of the column"
                value={"open" as "open" | LoggerFileReport["unit"]}
                onChange={(unit) => unit !== "open" && again({ unit }, true)}
                options={[
                  ["celsius", "it is °C"],
                  ["fahrenheit", "it is °F"],
                ]}
              />
            </Box>
          )}
          {report.clockDoubt && (
            <Typography role="alert" sx={{ display: "flex", gap: 0.75 }}>
              <AlarmMark />
              <span>{report.clockDoubt}</span>
            </Typography>
          )}
          {typeof report.thereAlready === "number" && report.savedAs === null && (
            <Typography role="alert">
              Nothing new: all {(report.thereAlready ?? 0).toLocaleString("en")} readings are in the book
              already.
            </Typography>
          )}
          <Box>
            <Typography sx={{ fontWeight: 600 }}>
              Of the first {several(report.rows, "row")}, {report.readings} can be used
              {report.from && report.to
                ? `, ${momentWords(report.from, site.timeZone, site.today)} to ${momentWords(report.to, site.timeZone, site.today)}`
                : ""}
              ; {several(report.gaps, "gap")} of more than six hours; {several(report.jumps, "jump")} that no
              shelf can make, kept and left out.
            </Typography>
            <Typography variant="body2">
              As read:{" "}
              {report.sample
                .map((s) => `${momentWords(s.at, site.timeZone, site.today)} ${degrees(s.tempC, units)}`)
                .join("; ")}
            </Typography>
            {report.refused.map((rows) => (
              <Typography key={rows.fault} variant="body2">
                <b>{several(rows.count, "row")} refused</b>, first in line {rows.firstLine} ({rows.firstCells}
                ): {rows.why}
              </Typography>
            ))}
          </Box>
          {share === null ? (
            <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "flex-start" }}>
              <WordsField label="Name of the logger" name="loggerName" value={title} onChange={setTitle} />
              <Button
                variant="contained"
                onClick={() => void keep()}
                disabled={title.trim() === "" || report.readings === 0 || report.unitDoubt !== null}
                sx={{ minHeight: 56 }}
              >
                Read the whole file, {(file.size / 1e6).toFixed(1)} MB
              </Button>
            </Box>
          ) : (
            <Box>
              <Typography aria-live="polite">
                {share < 1
                  ? `${Math.floor(share * 100)} % read`
                  : "all sent, the last rows are being written"}
              </Typography>
              <LinearProgress variant="determinate" value={share * 100} sx={{ height: 12, my: 1 }} />
              <Button variant="outlined" onClick={() => cancel.current?.()}>
                Stop reading
              </Button>
            </Box>
          )}
        </Box>
      )}
    </Card>
  );
}
