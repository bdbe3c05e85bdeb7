import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { ForecastServiceView, ForecastTrial as Trial } from "../../api/types";
import { WORDS } from "../../api/words";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import type { Day } from "../../time/days";
import { momentWords } from "../../time/moments";
import { ForecastTrial } from "./ForecastTrial";
import { FIELDS, formOf, serviceOf } from "./forecastService";
import type { FieldName, ServiceForm } from "./forecastService";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

const LABELS: Record<FieldName, string> = {
  rows: "List of days or hours",
  date: "Day",
  low: "Low",
  high: "High",
  gust: "Gusts",
  rain: "Rain",
  snow: "Snow lying",
};

interface ForecastServiceProps {
  view: ForecastServiceView;
  today: Day;
  timeZone: string;
}

/** A weather service that is asked each hour; which fields of its answer say what is tried before it counts. */
export function ForecastService({ view, today, timeZone }: ForecastServiceProps) {
  const queries = useQueryClient();
  const [form, setForm] = useState(() => formOf(view.service));
  const [trial, setTrial] = useState<Trial | null>(null);
  const [error, setError] = useState<unknown>(null);
  const set = (part: Partial<ServiceForm>) => setForm({ ...form, ...part });
  const attempt = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
    } catch (refused) {
      setError(refused);
    }
  };
  const changed = async (work: () => Promise<unknown>) =>
    attempt(async () => {
      await work();
      setTrial(null);
      await queries.invalidateQueries();
    });
  const text = (
    name: FieldName | "name" | "address" | "headerName" | "headerValue",
    label: string,
    helper?: string,
    wide = false,
  ) => (
    <WordsField
      key={name}
      label={label}
      name={name}
      value={form[name]}
      onChange={(written) => set({ [name]: written })}
      helper={helper}
      autoComplete="off"
      sx={wide ? { gridColumn: "1 / -1" } : {}}
    />
  );
  return (
    <Card label="forecast service">
      <Typography variant="h2">A weather service</Typography>
      {view.service && (
        <Typography data-testid="service-state" sx={{ fontWeight: view.fault ? 600 : 400 }}>
          {view.fault
            ? `${view.service.name}: ${view.fault}${view.nextAt ? ` Asked again ${momentWords(view.nextAt, timeZone, today)}.` : ""}`
            : `${view.service.name} is asked each hour${view.toldAt ? `, last ${momentWords(view.toldAt, timeZone, today)}` : ""}.`}
        </Typography>
      )}
      <ForRole role="owner" otherwise="Only the owner can change this.">
        <Typography variant="body2" color="text.secondary" sx={{ my: 1 }}>
          Any service that answers JSON or CSV. Enter its address, say which fields hold what, and try it.
        </Typography>
        <Form
          sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}
          error={error}
          send={() =>
            void attempt(async () =>
              setTrial(await answered(api.POST("/api/forecast/service/try", { body: serviceOf(form) }))),
            )
          }
        >
          {text("name", "Name")}
          <ChoiceField
            label="Answer"
            name="format"
            value={form.format}
            onChange={(format: ServiceForm["format"]) => set({ format })}
            choices={wordsOf<ServiceForm["format"]>(WORDS.ForecastFormat)}
          />
          {text("address", "Address", "{latitude}, {longitude}, {from} and {to} are filled in", true)}
          {FIELDS.filter((name) => name !== "rows" || form.format === "json").map((name) =>
            text(
              name,
              LABELS[name],
              name === "rows"
                ? "JSONPath such as $.days[*]; empty if each field is a list of its own"
                : name === "date"
                  ? form.format === "json"
                    ? "path in the answer, such as date or daily.date"
                    : "name of the column"
                  : undefined,
              name === "rows",
            ),
          )}
          <ChoiceField
            label="Temperatures in"
            name="temperature"
            value={form.temperature}
            onChange={(temperature) => set({ temperature })}
            choices={wordsOf(WORDS.TemperatureUnit)}
          />
          <ChoiceField
            label="Wind in"
            name="wind"
            value={form.wind}
            onChange={(wind) => set({ wind })}
            choices={wordsOf(WORDS.SpeedUnit)}
          />
          <ChoiceField
            label="Rain in"
            name="rainUnit"
            value={form.rainUnit}
            onChange={(rainUnit) => set({ rainUnit })}
            choices={wordsOf(WORDS.DepthUnit)}
          />
          <ChoiceField
            label="Snow in"
            name="snowUnit"
            value={form.snowUnit}
            onChange={(snowUnit) => set({ snowUnit })}
            choices={wordsOf(WORDS.DepthUnit)}
          />
          {text("headerName", "Header for a key", "empty if it wants none")}
          <WordsField
            label="Key"
            name="headerValue"
            type="password"
            autoComplete="new-password"
            value={form.headerValue}
            helper={view.service?.headers?.length ? "one is kept; type to replace it" : " "}
            onChange={(written) => set({ headerValue: written })}
          />
          <FormControlLabel
            sx={{ gridColumn: "1 / -1" }}
            control={
              <Checkbox
                name="allowPrivate"
                checked={form.allowPrivate}
                onChange={(event) => set({ allowPrivate: event.target.checked })}
              />
            }
            label="This address is in my own network"
          />
          <Box sx={{ gridColumn: "1 / -1", display: "flex", flexWrap: "wrap", gap: 1 }}>
            <Button type="submit" variant={trial && !trial.fault ? "outlined" : "contained"}>
              Try it
            </Button>
            <Button
              variant={trial && !trial.fault ? "contained" : "outlined"}
              disabled={trial === null || trial.fault !== null}
              onClick={() =>
                void changed(() => answered(api.PUT("/api/forecast/service", { body: serviceOf(form) })))
              }
            >
              Use this service
            </Button>
            {view.service && (
              <>
                <Button onClick={() => void changed(() => answered(api.POST("/api/forecast/service/ask")))}>
                  Ask now
                </Button>
                <Button onClick={() => void changed(() => answered(api.DELETE("/api/forecast/service")))}>
                  Stop asking
                </Button>
              </>
            )}
          </Box>
          <Failure error={error} />
        </Form>
        {trial && <ForecastTrial trial={trial} today={today} />}
      </ForRole>
    </Card>
  );
}
