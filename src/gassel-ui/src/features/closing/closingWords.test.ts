import { describe, expect, it } from "vitest";
import { forecastWords, seasonWords, yearSpan } from "./closingWords";

describe("the books in words", () => {
  it("name a winter by both its years", () => {
    expect(seasonWords(2026)).toBe("winter 2026/27");
    expect(seasonWords(1999)).toBe("winter 1999/00");
  });

  it("set the forecast beside what came", () => {
    const forecast = { mean: 0.5, low: 0.3, high: 0.7 } as never;
    expect(forecastWords({ forecast: null, within: null, fraction: 0.5 })).toBe("none kept");
    expect(forecastWords({ forecast, within: null, fraction: null })).toBe("30 % to 70 %");
    expect(forecastWords({ forecast, within: true, fraction: 0.5 })).toBe("30 % to 70 %: as forecast");
    expect(forecastWords({ forecast, within: false, fraction: 0.1 })).toBe("30 % to 70 %: fewer came up");
  });

  it("begin with the first start and end with a year, at most three ahead", () => {
    const record = (startedOn: string, plantableOn: string | null) => ({ startedOn, plantableOn });
    expect(yearSpan([record("2025-12-04", "2028-06-01")], "2027-03-14")).toEqual([
      "2025-12-01",
      "2028-12-31",
    ]);
    expect(yearSpan([record("2026-08-20", null)], "2027-03-14")).toEqual(["2026-08-01", "2027-12-31"]);
    expect(yearSpan([record("2026-08-20", "2040-01-01")], "2027-03-14")[1]).toBe("2030-12-31");
  });
});
