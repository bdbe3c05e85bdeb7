import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Typography } from "@mui/material";
import { keepPreviousData, useQueries } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useSite } from "../../book/queries";
import type { ContainerAnswer } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { linear } from "../../drawings/scale";
import { Card } from "../../shared/Card";
import { ChartTable } from "../../shared/ChartTable";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { degrees, difference, fromMetric, unitOf, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { addDays } from "../../time/days";
import { KindField, StonesField } from "../yard/VesselFields";
import { dailyOf, readDraft, settled, variants, writeDraft } from "./simulator";
import type { SimulatorDraft } from "./simulator";

const MONTHS = [
  ["01-15", "mid-January"],
  ["02-15", "mid-February"],
  ["03-15", "mid-March"],
  ["04-15", "mid-April"],
  ["05-15", "mid-May"],
  ["11-15", "mid-November"],
  ["12-15", "mid-December"],
] as const;

/** What a stone, eaves, a cap or snow changes inside a container, answered with numbers side by side. */
export function ContainerSimulator() {
  const { palette } = useDevice();
  const units = useUnits();
  const latitude = useSite().data?.site?.latitude ?? 46.8;
  const [query, setQuery] = useSearchParams();
  const [draft, setDraft] = useState<SimulatorDraft>(() => readDraft(query));
  const set = (part: Partial<SimulatorDraft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    setQuery(writeDraft(next), { replace: true });
  };
  const ways = variants(draft, units);
  const ready = draft.minC !== null && draft.maxC !== null && draft.minC <= draft.maxC;
  const answers = useQueries({
    queries: ways.map(({ change }) => {
      const asked = { ...draft, ...change };
      return {
        queryKey: ["container", latitude, asked],
        enabled: ready,
        retry: false,
        placeholderData: keepPreviousData,
        queryFn: (): Promise<ContainerAnswer> =>
          answered(
            api.POST("/api/calculators/container", {
              body: {
                preset: asked.preset,
                parameters: null,
                care: { cap: asked.cap, shelter: null },
                site: { latitude, exposure: asked.exposure },
                hourly: null,
                daily: dailyOf(asked, addDays),
                stonesKg: asked.stonesKg,
                response: null,
                seedlingsKillC: null,
                calibrate: null,
                initialMediumC: null,
                initialAirC: null,
              },
            }),
          ),
      };
    }),
  });
  const told = answers.map((a) => (a.data ? settled(a.data) : null));
  const base = told[0] ?? null;
  const change = (value: number, of: number | undefined) =>
    of === undefined || Math.abs(value - of) < 0.05
      ? ""
      : ` (${value > of ? "+" : ""}${difference(value - of, units)})`;
  return (
    <Card label="container simulator">
      <Typography variant="h1">Inside a container</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5 }}>
        One clear day after another, the same each time, at {Math.abs(latitude).toFixed(1)}°{" "}
        {latitude < 0 ? "south" : "north"}. An uncalibrated model: every parameter is our assumption.
      </Typography>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(4, 1fr)" } }}>
        <KindField name="container" kind={draft.preset} change={(preset) => set({ preset })} />
        <ChoiceField
          label="Its top"
          name="cap"
          value={draft.cap}
          onChange={(cap) => set({ cap })}
          choices={wordsOf(WORDS.CapPosition)}
        />
        <ChoiceField
          label="Stands"
          name="exposure"
          value={draft.exposure}
          onChange={(exposure) => set({ exposure })}
          choices={wordsOf(WORDS.Exposure)}
        />
        <ChoiceField
          label="Sun of"
          name="on"
          value={draft.on}
          onChange={(on) => set({ on })}
          choices={MONTHS}
        />
        <MeasureField
          label="Coldest outdoors"
          name="outMinC"
          measure="temperature"
          value={draft.minC}
          onChange={(minC) => set({ minC })}
          min={-60}
          max={50}
        />
        <MeasureField
          label="Warmest outdoors"
          name="outMaxC"
          measure="temperature"
          value={draft.maxC}
          onChange={(maxC) => set({ maxC })}
          min={-60}
          max={60}
        />
        <MeasureField
          label="Snow"
          name="snowCm"
          measure="width"
          value={draft.snowCm}
          onChange={(snowCm) => set({ snowCm })}
          min={0}
          max={300}
          helper={`over ${units === "metric" ? "10 cm" : "4 in"} it is buried`}
        />
        <StonesField name="stonesKg" kg={draft.stonesKg} change={(stonesKg) => set({ stonesKg })} />
      </Box>
      <Failure error={answers.find((a) => a.error)?.error} />
      {!ready && <Typography sx={{ fontWeight: 600 }}>The coldest must not be above the warmest.</Typography>}
      {base && (
        <>
          <DayCurve answer={base} />
          <ChartTable
            caption="The last day inside, hour by hour"
            columns={["Hour", "Outdoors", "Air inside", "Mix"]}
            rows={() =>
              base.hours.map((hour, i) => [
                `${i}:00`,
                degrees(hour.outdoorC, units),
                degrees(hour.airC, units),
                degrees(hour.mediumC, units),
              ])
            }
          />
          <Box sx={{ overflowX: "auto" }} tabIndex={0} role="region" aria-label="what each change does">
            <Box
              component="table"
              data-testid="simulator"
              sx={{
                width: "100%",
                borderCollapse: "collapse",
                "& th, & td": {
                  borderTop: `1px solid ${palette.line}`,
                  py: 0.5,
                  pr: 1.5,
                  textAlign: "right",
                  whiteSpace: "nowrap",
                  fontWeight: 400,
                },
                "& th:first-of-type": { textAlign: "left" },
                "& thead th": { fontWeight: 600, borderTop: "none" },
                "& tbody tr:first-of-type": { fontWeight: 700, "& th, & td": { fontWeight: 700 } },
              }}
            >
              <thead>
                <tr>
                  <th>one thing changed</th>
                  <th>air at its hottest</th>
                  <th>air at its coldest</th>
                  <th>mix, warmest</th>
                  <th>mix, coldest</th>
                  <th>frozen</th>
                  <th>cold that counts</th>
                </tr>
              </thead>
              <tbody>
                {ways.map((way, i) => {
                  const t = told[i];
                  return (
                    t && (
                      <tr key={way.name}>
                        <th scope="row">{way.name}</th>
                        <td>{degrees(t.airMax, units) + change(t.airMax, i ? base.airMax : undefined)}</td>
                        <td>{degrees(t.airMin, units) + change(t.airMin, i ? base.airMin : undefined)}</td>
                        <td>
                          {degrees(t.mediumMax, units) + change(t.mediumMax, i ? base.mediumMax : undefined)}
                        </td>
                        <td>
                          {degrees(t.mediumMin, units) + change(t.mediumMin, i ? base.mediumMin : undefined)}
                        </td>
                        <td>{t.frozenHours.toFixed(0)} h</td>
                        <td>{t.effective.toFixed(2)} days a day</td>
                      </tr>
                    )
                  );
                })}
              </tbody>
            </Box>
          </Box>
          <Why lines={answers[0]?.data?.working ?? []} about="the container" />
        </>
      )}
    </Card>
  );
}

const [WIDTH, HEIGHT, LEFT, BOTTOM] = [640, 170, 40, 22];

/** The last day, hour by hour. */
function DayCurve({ answer }: { answer: ReturnType<typeof settled> }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const { hours } = answer;
  const all = hours.flatMap((h) => [h.airC, h.mediumC, h.outdoorC]);
  const [low, high] = [Math.min(0, ...all) - 1, Math.max(...all) + 1];
  const x = linear(0, hours.length - 1, LEFT, WIDTH - 90);
  const y = linear(low, high, HEIGHT - BOTTOM, 8);
  const path = (of: (h: (typeof hours)[number]) => number) =>
    hours.map((h, i) => `${i === 0 ? "M" : "L"}${x(i).toFixed(1)} ${y(of(h)).toFixed(1)}`).join("");
  const last = hours.at(-1);
  const names = [
    { words: "outdoors", at: last?.outdoorC ?? 0, colour: p.ink2 },
    { words: "air inside", at: last?.airC ?? 0, colour: p.slate },
    { words: "mix", at: last?.mediumC ?? 0, colour: p.ochre },
  ].sort((a, b) => b.at - a.at);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: 820, display: "block" }}
      role="img"
      aria-label={`A day inside, in ${unitOf("temperature", units)}`}
    >
      {[-20, -10, 0, 10, 20, 30, 40, 50]
        .filter((c) => c > low && c < high)
        .map((c) => (
          <g key={c}>
            <line x1={LEFT} x2={WIDTH - 90} y1={y(c)} y2={y(c)} stroke={c === 0 ? p.frost : p.line} />
            <text x={LEFT - 5} y={y(c) + 4} fontSize={12.5} textAnchor="end" fill={p.ink2}>
              {String(Math.round(fromMetric(c, "temperature", units))).replace("-", "−")}
            </text>
          </g>
        ))}
      {[0, 6, 12, 18, 23].map((h) => (
        <text key={h} x={x(h)} y={HEIGHT - 6} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
          {h === 23 ? "24:00" : `${h}:00`}
        </text>
      ))}
      <path d={path((h) => h.outdoorC)} fill="none" stroke={p.ink2} strokeWidth={1.2} strokeDasharray="2 3" />
      <path d={path((h) => h.mediumC)} fill="none" stroke={p.ochre} strokeWidth={2.6} />
      <path d={path((h) => h.airC)} fill="none" stroke={p.slate} strokeWidth={2} />
      {names.map((name, i) => (
        <text
          key={name.words}
          x={WIDTH - 82}
          y={y(names[1]?.at ?? 0) - 14 + i * 17}
          fontSize={13}
          fontWeight={600}
          fill={name.colour}
        >
          {name.words}
        </text>
      ))}
    </svg>
  );
}
