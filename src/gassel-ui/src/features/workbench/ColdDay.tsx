import { WORDS } from "../../api/words";
import { degrees, useUnits } from "../../shared/units";
import type { Units } from "../../shared/units";
import { said } from "../../shared/words";
import { useState } from "react";
import { Box, Typography } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { Why } from "../../shared/Why";

type Response = "usual" | "coldGerminator" | "default";

const NAMES: Record<Response, string> = {
  usual: "most kinds",
  coldGerminator: "kinds that germinate in the cold",
  default: "the plain one",
};

const knots = (temperatures: number[], units: Units) => temperatures.map((t) => degrees(t, units)).join(", ");

/** What one day between two temperatures counts as cold. */
export function ColdDay() {
  const { palette } = useDevice();
  const units = useUnits();
  const [minC, setMin] = useState<number | null>(2);
  const [maxC, setMax] = useState<number | null>(9);
  const [response, setResponse] = useState<Response>("usual");
  const responses = useQuery({
    queryKey: ["chilling"],
    queryFn: () => answered(api.GET("/api/calculators/chilling")),
    staleTime: Infinity,
  }).data;
  const chilling = useQuery({
    queryKey: ["chilling", minC, maxC, response],
    enabled: minC !== null && maxC !== null && responses !== undefined,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.POST("/api/calculators/chilling", {
          body: {
            daily: [{ date: "2027-01-01", minC: minC ?? 0, maxC: maxC ?? 0, moist: null }],
            readings: null,
            response: responses?.[response] ?? null,
            need: null,
          },
        }),
      ),
  });
  const day = chilling.data;
  return (
    <Card label="cold of a day">
      <Typography variant="h2">What a day of cold counts</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5 }}>
        For an uneven fridge or a jug in the yard: one day between its coldest and its warmest.
      </Typography>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
        <MeasureField
          label="Coldest"
          name="minC"
          measure="temperature"
          value={minC}
          onChange={setMin}
          min={-40}
          max={40}
        />
        <MeasureField
          label="Warmest"
          name="maxC"
          measure="temperature"
          value={maxC}
          onChange={setMax}
          min={-40}
          max={40}
        />
      </Box>
      <ChoiceField
        label="Weighted for"
        name="response"
        value={response}
        onChange={setResponse}
        choices={wordsOf(NAMES).map(
          ([key, name]) => [key, responses ? `${name}: ${knots(responses[key], units)}` : name] as const,
        )}
        helper="none below, full from, full to, none above; the shape is an assumption"
        sx={{ mt: 1.5, width: "100%" }}
      />
      <Failure error={chilling.error} />
      {day && (
        <Box sx={{ mt: 1.5, borderTop: `1px solid ${palette.line}`, pt: 1 }} data-testid="cold-day">
          <Typography sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.35rem" }}>
            {day.effectiveDays.toFixed(2)} of a day by temperature
          </Typography>
          <Typography>
            {day.chillHours.toFixed(1)} {said(WORDS.ColdSchool.chillHours, units)}; one day of the calendar.
          </Typography>
          <Why lines={day.working} about="the cold of a day" />
        </Box>
      )}
    </Card>
  );
}
