import { describe, expect, it } from "vitest";
import { forecastWords, seasonWords } from "./closingWords";

describe("the books in words", () => {
  it("name a winter by both its years", () => {
    expect(seasonWords(2026)).toBe("winter 2026/27");
    expect(seasonWords(1999)).toBe("winter 1999/00");
  });

  it("set the forecast beside what came", () => {
    const forecast = { mean: 0.5, low: 0.3, high: 0.7 } as never;
    expect(forecastWords({ forecast: null, within: null, fraction: 0.5 })).toBe("none kept");
    expect(forecastWords({ forecast, within: null, fraction: null })).toBe("30 % to 70 %");
    expect(forecastWords({ forecast, within: true, fraction: 0.5 })).toBe("30 % to 70 %: it came so");
    expect(forecastWords({ forecast, within: false, fraction: 0.1 })).toBe("30 % to 70 %: it came less");
  });
});
