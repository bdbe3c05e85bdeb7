import { describe, expect, it } from "vitest";
import type { GerminationResult } from "../../api/types";
import { inWords } from "./germinationWords";

const indices = {
  firstDay: null,
  lastDay: null,
  t10: null,
  t25: null,
  t50Farooq: null,
  t50Coolbear: null,
  t75: null,
  t90: null,
  meanTime: null,
  timeVariance: null,
  meanRate: null,
  coefficientOfVelocity: null,
  speed: 0,
  synchrony: null,
  uncertaintyBits: null,
  uniformity: null,
  peakValue: null,
  germinationValue: null,
};

const result = {
  sown: 50,
  emerged: 0,
  fraction: 0,
  wilson: { low: 0, high: 0.071 },
  exact: { low: 0, high: 0.071 },
  indices,
  times: { half: null, halfBefore: null, mean: null, working: [] },
  lookFrom: null,
  points: [],
  curve: null,
  line: [],
  band: [],
  advice: null,
  working: [],
} as unknown as GerminationResult;

describe("the numbers of a sowing in words", () => {
  it("never give a percentage without its interval", () => {
    const share = inWords(result)[0];
    expect(share?.value).toBe("0 %, 0 % to 7.1 %");
    expect(share?.means).toContain("0 % to 7.1 %");
  });

  it("say not yet where a number does not exist", () => {
    const words = inWords(result);
    expect(words.filter((w) => w.value.includes("NaN") || w.value.includes("null"))).toEqual([]);
    expect(words.find((w) => w.name === "half")?.value).toBe("not yet");
  });

  it("bound what the first count found instead of guessing it", () => {
    const found = {
      ...result,
      emerged: 13,
      indices: { ...indices, t50Farooq: 13.5, meanTime: 27 },
      times: { half: null, halfBefore: 27, mean: null, working: [] },
    };
    const words = inWords(found);
    expect(words.find((w) => w.name === "half")?.value).toBe("before day 27");
    expect(words.find((w) => w.name === "mean time")?.value).toBe("not known");
  });

  it("hold the curve only where there is one", () => {
    expect(inWords(result).some((w) => w.name === "where the curve ends")).toBe(false);
    const curve = { maxFraction: 0.8, t50: 6, shape: 10, logLikelihood: -85, extrapolated: true };
    expect(inWords({ ...result, curve }).at(-1)?.means).toContain("still a guess");
  });
});
