import { describe, expect, it } from "vitest";
import type {
  ColdSoFar,
  ContainerDetail,
  ForecastsView,
  LongRecord,
  PlantTally,
  TreatmentsLearned,
  YardDay,
} from "../api/types";
import {
  coldEffectNumbers,
  coldNumbers,
  flowNumbers,
  forecastNumbers,
  outlookNumbers,
  ribbonNumbers,
  seasonNumbers,
  treatmentNumbers,
  yearsNumbers,
} from "./chartNumbers";

describe("the numbers behind a chart", () => {
  const day = { date: "2027-03-14", minC: -4, maxC: 10, snowCm: 0, source: "recorded" } as YardDay;
  it("are in the units of the site", () => {
    expect(outlookNumbers([day], "unitedStates", "2027-03-14").rows()).toEqual([
      ["14 Mar", "25\u00a0°F", "50\u00a0°F", "–", "on record"],
    ]);
    expect(outlookNumbers([day], "metric", "2027-03-14").rows()[0]?.[1]).toBe("−4\u00a0°C");
  });
  it("gather warmth in degree days of the site's scale, in which no 32 is added", () => {
    const detail = {
      days: [{ inside: { date: "2027-03-14", frozenHours: 0 }, cold: 40, degrees: 50, source: "typical" }],
    } as unknown as ContainerDetail;
    const { columns, rows } = seasonNumbers(detail, "unitedStates", "2027-03-14");
    expect([columns[3], rows()[0]?.[3]]).toEqual(["Warmth since, °F·days", "90"]);
    expect(seasonNumbers(detail, "metric", "2027-03-14").rows()[0]?.[3]).toBe("50");
  });
  it("have a cell for each column", () => {
    const cold = {
      since: "2027-01-02",
      daily: [{ date: "2027-01-02", meanC: 4, sum: 0.84, source: "typed", certain: false }],
    } as unknown as ColdSoFar;
    const { columns, rows } = coldNumbers(cold, "unitedStates", "2027-03-14");
    expect(rows()).toEqual([["2 Jan", "0.8", "39\u00a0°F", "read by eye; may have lain dry"]]);
    expect(rows()[0]).toHaveLength(columns.length);
  });
  it("tell a forecast beside what came, in shares or days", () => {
    const forecast = {
      number: 3,
      on: "2027-03-01",
      low: 0.2,
      high: 0.8,
      guess: 0.5,
      truth: 0.85,
      held: false,
    };
    const shares = { kind: "germination", forecasts: [forecast] } as unknown as ForecastsView;
    expect(forecastNumbers(shares, "2027-03-14", "metric").rows()).toEqual([
      ["B-3", "1 Mar", "50 %", "20 % to 80 %", "85 %", "no"],
    ]);
    const days = {
      kind: "emergence",
      forecasts: [{ ...forecast, low: 10, high: 30, guess: 20, truth: 16, held: true }],
    } as unknown as ForecastsView;
    expect(forecastNumbers(days, "2027-03-14", "metric").rows()[0]?.slice(2)).toEqual([
      "day 20",
      "day 10 to day 30",
      "day 16",
      "yes",
    ]);
  });
  it("tell a treatment in points, fewer with a minus", () => {
    const learned = {
      of: "Geum triflorum",
      effects: [{ name: "soaking", difference: 0.02, low: -0.08, high: 0.12 }],
    } as unknown as TreatmentsLearned;
    expect(treatmentNumbers(learned).rows()).toEqual([["soaking", "2", "−8 to 12"]]);
  });
  it("tell a ribbon step by step, beside its plan", () => {
    const { columns, rows } = ribbonNumbers(
      [
        {
          name: "B-4",
          stretches: [
            {
              kind: "coldMoist",
              start: "2027-01-10",
              end: "2027-03-20",
              time: "now",
              plannedStart: "2027-01-04",
              plannedEnd: "2027-03-05",
            },
          ],
        },
      ],
      "2027-03-14",
    );
    expect(rows()).toEqual([["B-4", "cold-moist", "10 Jan", "20 Mar", "under way", "4 Jan", "5 Mar"]]);
    expect(rows()[0]).toHaveLength(columns.length);
  });
  it("follow seed to plants, and a batch over its years", () => {
    const stages = [{ stage: "seedling", reached: 40, alive: 3, dormant: 0, lost: 7 }];
    const flow = flowNumbers(80, { stages } as unknown as PlantTally);
    expect(flow.rows()).toEqual([
      ["seeds", "80", "–", "–", "–"],
      ["up", "40", "3", "0", "7"],
    ]);
    const record = {
      number: 7,
      commonName: "camas",
      events: [
        { on: "2025-11-02", kind: "cold", plants: null },
        { on: "2026-04-20", kind: "up", plants: 61 },
      ],
    } as unknown as LongRecord;
    expect(yearsNumbers([record], "2027-03-14").rows()).toEqual([
      ["B-7 camas", "2 Nov 2025", "cold", "–"],
      ["B-7 camas", "20 Apr 2026", "up", "61"],
    ]);
  });
  it("list batches by their cold and the line through them", () => {
    const { columns, rows } = coldEffectNumbers({
      batches: [{ number: 4, coldDays: 60, seeds: 50, germinated: 20 }],
      curve: [{ coldDays: 60, mean: 0.42, low: 0.3, high: 0.55 }],
      speaks: true,
      words: "",
      trial: null,
      byThermometer: null,
      working: [],
    });
    expect(rows()).toEqual([
      ["60", "40 %", "50 seeds", "B-4", "–"],
      ["60", "42 %", "–", "line through them", "30 % to 55 %"],
    ]);
    expect(rows()[0]).toHaveLength(columns.length);
  });
});
