import { describe, expect, it } from "vitest";
import type { ColdSoFar, ContainerDetail, YardDay } from "../api/types";
import { coldNumbers, outlookNumbers, seasonNumbers } from "./chartNumbers";

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
});
