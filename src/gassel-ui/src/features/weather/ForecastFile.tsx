import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { ForecastTrial as Trial } from "../../api/types";
import { WORDS } from "../../api/words";
import { useWho } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import type { Day } from "../../time/days";
import { ForecastTrial } from "./ForecastTrial";
import { FileButton } from "../../shared/FileButton";

const COLUMNS = [
  ["date", "Day in"],
  ["low", "Low in"],
  ["high", "High in"],
  ["gust", "Gusts in"],
  ["rain", "Rain in"],
  ["snow", "Snow lying in"],
] as const;

type Mapping = Partial<Record<string, string>>;

const mappingOf = ({ fields, units }: Trial): Mapping => ({
  date: fields?.date ?? "",
  low: fields?.low ?? "",
  high: fields?.high ?? "",
  gust: fields?.gust ?? "",
  rain: fields?.rain ?? "",
  snow: fields?.snow ?? "",
  temperature: units?.temperature ?? "celsius",
  wind: units?.wind ?? "kilometersPerHour",
  rainUnit: units?.rain ?? "millimeters",
  snowUnit: units?.snow ?? "centimeters",
});

/** A forecast from a CSV file: its columns named, looked at, and only then kept. */
export function ForecastFile({ today }: { today: Day }) {
  const queries = useQueryClient();
  const who = useWho();
  const [file, setFile] = useState<File | null>(null);
  const [trial, setTrial] = useState<Trial | null>(null);
  const [error, setError] = useState<unknown>(null);
  const ask = async (chosen: File, mapping: Mapping, save: boolean) => {
    setError(null);
    try {
      const body = await chosen.arrayBuffer();
      const answer = await answered(
        api.POST("/api/forecast-file", {
          params: { query: { ...mapping, who, save } as never },
          body: body as unknown as string,
          bodySerializer: (bytes) => bytes,
          headers: { "content-type": "text/csv" },
        }),
      );
      setTrial(answer);
      if (answer.saved) await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const mapping = trial ? mappingOf(trial) : {};
  const remap = (part: Mapping) => {
    if (file) void ask(file, { ...mapping, ...part }, false);
  };
  return (
    <Card label="forecast file">
      <Typography variant="h2">A file</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        CSV with a first line that names the columns, one row a day or an hour.
      </Typography>
      <FileButton
        accept=".csv,text/csv,text/plain"
        testId="forecast-file"
        variant={trial ? "outlined" : "contained"}
        take={(chosen) => {
          setFile(chosen);
          setTrial(null);
          void ask(chosen, {}, false);
        }}
      >
        Choose a file
      </FileButton>
      <Failure error={error} />
      {trial && (
        <>
          <Box
            sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr 1fr" }, mt: 2 }}
          >
            {COLUMNS.map(([name, label]) => (
              <ChoiceField
                key={name}
                size="small"
                label={label}
                name={`file-${name}`}
                value={mapping[name] ?? ""}
                onChange={(column) => remap({ [name]: column })}
                choices={[
                  ...(name === "date" ? [] : [["", "not in the file"] as const]),
                  ...trial.columns.map((column) => [column, column] as const),
                ]}
              />
            ))}
            <ChoiceField
              size="small"
              label="Temperatures in"
              name="file-temperature"
              value={trial.units?.temperature ?? "celsius"}
              onChange={(temperature) => remap({ temperature })}
              choices={wordsOf(WORDS.TemperatureUnit)}
            />
            <ChoiceField
              size="small"
              label="Wind in"
              name="file-wind"
              value={trial.units?.wind ?? "kilometersPerHour"}
              onChange={(wind) => remap({ wind })}
              choices={wordsOf(WORDS.SpeedUnit)}
            />
            <ChoiceField
              size="small"
              label="Rain in"
              name="file-rainUnit"
              value={trial.units?.rain ?? "millimeters"}
              onChange={(rainUnit) => remap({ rainUnit })}
              choices={wordsOf(WORDS.DepthUnit)}
            />
            <ChoiceField
              size="small"
              label="Snow in"
              name="file-snowUnit"
              value={trial.units?.snow ?? "centimeters"}
              onChange={(snowUnit) => remap({ snowUnit })}
              choices={wordsOf(WORDS.DepthUnit)}
            />
          </Box>
          <ForecastTrial trial={trial} today={today} />
          <Box sx={{ mt: 1.5 }}>
            <Button
              variant="contained"
              disabled={trial.saved || trial.fault !== null}
              onClick={() => file && void ask(file, mapping, true)}
            >
              Record forecast
            </Button>
            {trial.saved && <Typography component="span"> Recorded.</Typography>}
          </Box>
        </>
      )}
    </Card>
  );
}
