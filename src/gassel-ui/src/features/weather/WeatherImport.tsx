import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answered, api, Refused } from "../../api/client";
import { useSite } from "../../book/queries";
import type { WeatherFileReport } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { useTurns } from "../../shared/turns";
import { degrees, useUnits } from "../../shared/units";
import { monthDayWords, shortDay } from "../../time/days";
import { FileButton } from "../../shared/FileButton";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

/** The server takes no larger file; said here because a connection closed early cannot say why. */
const MAX_BYTES = 8_000_000;

const mappingOf = ({ dateColumn, minColumn, maxColumn, order, unit }: WeatherFileReport): Mapping => ({
  dateColumn,
  minColumn,
  maxColumn,
  order,
  unit,
});

const COLUMNS = [
  ["Day in", "dateColumn"],
  ["Minimum in", "minColumn"],
  ["Maximum in", "maxColumn"],
] as const;

type ColumnOf = (typeof COLUMNS)[number][1];

type Mapping = Pick<WeatherFileReport, "dateColumn" | "minColumn" | "maxColumn" | "order" | "unit">;

/** A weather record from a CSV file: columns named, every row judged, and only then kept. */
export function WeatherImport() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const site = useSite().data;
  const units = useUnits();
  const { palette } = useDevice();
  const [file, setFile] = useState<File | null>(null);
  const [name, setName] = useState("");
  const [report, setReport] = useState<WeatherFileReport | null>(null);
  const [error, setError] = useState<unknown>(null);

  const turns = useTurns();

  const ask = async (chosen: File, mapping: Mapping | null, saveAs: string | null) => {
    setError(null);
    const isNewest = turns.begin();
    if (chosen.size > MAX_BYTES) {
      setReport(null);
      setError(
        new Refused({
          status: 413,
          title: "Too large",
          detail: `${chosen.name} has ${(chosen.size / 1e6).toFixed(1)} MB; valid is a file up to ${MAX_BYTES / 1e6} MB. Split it.`,
        }),
      );
      return null;
    }
    try {
      // bytes, not text: the server judges the encoding
      const body = await chosen.arrayBuffer();
      const answer = await answered(
        api.POST("/api/weather-file", {
          params: {
            query: { ...mapping, ...(saveAs === null ? {} : { save: true, name: saveAs }) } as never,
          },
          body: body as unknown as string,
          bodySerializer: (bytes) => bytes,
          headers: { "content-type": "text/csv" },
        }),
      );
      if (isNewest()) setReport(answer);
      return answer;
    } catch (refused) {
      if (!isNewest()) return null;
      if (saveAs === null && mapping === null) setReport(null);
      setError(refused);
      return null;
    }
  };
  /** A day set by hand stays unless its grower says otherwise. */
  const byHand = site?.settings.frostBasis === "hand" ? site.site?.lastFrost : null;
  const keep = async (frostBasis: "hand" | "record") => {
    if (!file || !report || !site?.site) return;
    const kept = await ask(file, mappingOf(report), name);
    if (!kept?.savedAs) return;
    try {
      await answered(
        api.PUT("/api/site", {
          params: { query: { asOf: site.stamp ?? undefined } },
          body: {
            ...site.site,
            weatherRecordId: kept.savedAs,
            settings: { ...site.settings, frostBasis },
          },
        }),
      );
      await queries.invalidateQueries();
      await navigate("/site");
    } catch (refused) {
      setError(refused);
    }
  };
  const remap = (part: Partial<Mapping>) => {
    if (file && report) void ask(file, { ...mappingOf(report), ...part }, null);
  };
  /** A column that another one had: the two change places. */
  const recolumn = (which: ColumnOf, column: number) => {
    if (!report) return;
    const other = COLUMNS.map(([, name]) => name).find((name) => name !== which && report[name] === column);
    remap({ [which]: column, ...(other ? { [other]: report[which] } : {}) });
  };

  return (
    <Card label="weather record">
      <Typography variant="h1">A weather record from a file</Typography>
      <Typography sx={{ mb: 1.5, maxWidth: "75ch" }}>
        CSV in UTF-8 with a first line that names the columns, one row a day: a date, a minimum and a maximum.
        Rows that cannot be used are listed; the rest is kept.
      </Typography>
      <FileButton
        accept=".csv,text/csv,text/plain"
        testId="weather-file"
        variant={report ? "outlined" : "contained"}
        take={(chosen) => {
          setFile(chosen);
          setName(chosen.name.replace(/\.[^.]*$/, ""));
          void ask(chosen, null, null);
        }}
      >
        Choose a file
      </FileButton>
      <Button component={Link} to="/site" sx={{ ml: 1 }}>
        Cancel
      </Button>
      <Failure error={error} />
      {report && (
        <Box data-testid="weather-report" sx={{ mt: 2, display: "grid", gap: 2 }}>
          <Box
            sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(5, 1fr)" } }}
          >
            {COLUMNS.map(([label, column]) => (
              <ChoiceField
                key={column}
                label={label}
                name={column}
                value={String(report[column])}
                onChange={(at) => recolumn(column, Number(at))}
                choices={report.columns.map((title, i) => [String(i), title || `column ${i + 1}`])}
              />
            ))}
            <ChoiceField
              label="Dates read"
              name="order"
              value={report.order}
              onChange={(order) => remap({ order })}
              choices={[
                ["yearFirst", "Year first: 2026-03-14"],
                ["dayFirst", "Day first: 14.03.2026"],
                ["monthFirst", "Month first: 03/14/2026"],
              ]}
            />
            <ChoiceField
              label="Temperatures in"
              name="unit"
              value={report.unit}
              onChange={(unit) => remap({ unit })}
              choices={[
                ["celsius", "°C"],
                ["fahrenheit", "°F"],
              ]}
            />
          </Box>
          <Box>
            <Typography sx={{ fontWeight: 600 }}>
              {several(report.days, "day")} can be used
              {report.from && report.to ? `, ${shortDay(report.from)} to ${shortDay(report.to)}` : ""};{" "}
              {several(report.refusedCount, "row")} refused; {several(report.gapDays, "day")} missing between.
            </Typography>
            <Typography variant="body2">
              As read:{" "}
              {report.sample
                .map(
                  (day) =>
                    `${shortDay(day.date)} ${day.minC === null ? "no minimum" : degrees(day.minC, units)} ` +
                    `to ${day.maxC === null ? "no maximum" : degrees(day.maxC, units)}`,
                )
                .join("; ")}
            </Typography>
          </Box>
          {report.days > 0 && (
            <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "flex-start" }}>
              <WordsField label="Name of the record" name="recordName" value={name} onChange={setName} />
              {byHand && (
                <Button
                  variant="contained"
                  onClick={() => void keep("hand")}
                  disabled={name.trim() === ""}
                  sx={{ minHeight: 56 }}
                >
                  Keep the {several(report.days, "day")}, last frost stays {monthDayWords(byHand)}
                </Button>
              )}
              <Button
                variant={byHand ? "outlined" : "contained"}
                onClick={() => void keep("record")}
                disabled={name.trim() === "" || !site?.site}
                sx={{ minHeight: 56 }}
              >
                Keep the {several(report.days, "day")}, calculate frost from them
              </Button>
            </Box>
          )}
          {report.refused.length > 0 && (
            <Box
              sx={{ maxHeight: 320, overflow: "auto", borderTop: `1px solid ${palette.line}` }}
              tabIndex={0}
            >
              {report.refused.map((row) => (
                <Typography key={row.line} variant="body2" sx={{ py: 0.25 }}>
                  <strong>line {row.line}</strong> ({row.cells}): {row.refused}
                </Typography>
              ))}
            </Box>
          )}
          {report.gaps.length > 0 && (
            <Typography variant="body2">
              Missing:{" "}
              {report.gaps
                .map((gap) =>
                  gap.from === gap.to ? shortDay(gap.from) : `${shortDay(gap.from)} to ${shortDay(gap.to)}`,
                )
                .join(", ")}
              . A half-year counts if it has nine tenths of its days.
            </Typography>
          )}
        </Box>
      )}
    </Card>
  );
}
