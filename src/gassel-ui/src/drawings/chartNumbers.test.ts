import { describe, expect, it } from "vitest";
import type { ColdSoFar, YardDay } from "../api/types";
import { coldNumbers, outlookNumbers } from "./chartNumbers";

describe("the numbers behind a chart", () => {
  const day = { date: "2027-03-14", minC: -4, maxC: 10, snowCm: 0, source: "recorded" } as YardDay;
  it("are in the units of the site", () => {
    expect(outlookNumbers([day], "unitedStates", "2027-03-14").rows()).toEqual([
      ["14 Mar", "25\u00a0°F", "50\u00a0°F", "–", "recorded"],
    ]);
    expect(outlookNumbers([day], "metric", "2027-03-14").rows()[0]?.[1]).toBe("−4\u00a0°C");
  });
  it("have a cell for each column", () => {
    const cold = {
      since: "2027-01-02",
      daily: [{ date: "2027-01-02", sum: 0.84, source: "assumed", certain: false }],
    } as unknown as ColdSoFar;
    const { columns, rows } = coldNumbers(cold, "2027-03-14");
    expect(rows()).toEqual([["2 Jan", "0.8", "assumed, may not count"]]);
    expect(rows()[0]).toHaveLength(columns.length);
  });
});
