import { describe, expect, it } from "vitest";
import type { TrialView } from "../../api/types";
import { armWords, plotWords, standing, timesWords } from "./trialWords";

const trial = (more: object): TrialView =>
  ({
    design: { blind: false, endedOn: null },
    arms: [
      { arm: { name: "chilled", setup: null }, isSown: false, readyToSow: false },
      { arm: { name: "not chilled", setup: null }, isSown: false, readyToSow: true },
    ],
    result: null,
    ...more,
  }) as unknown as TrialView;

describe("where a trial stands", () => {
  it("is what it says once it says something", () => {
    expect(standing(trial({ result: { sentence: "Eight seeds each cannot tell." } }))).toBe(
      "Eight seeds each cannot tell.",
    );
  });

  it("waits for the arm that is not ready", () => {
    expect(standing(trial({}))).toContain("Not sown yet: chilled and not chilled");
    const ready = [{ arm: { name: "chilled", setup: null }, isSown: false, readyToSow: true }];
    expect(standing(trial({ arms: ready }))).toBe("Ready to sow: chilled.");
    const jugs = [{ arm: { name: "chilled", setup: { kind: "jug4" } }, isSown: false, readyToSow: true }];
    expect(standing(trial({ arms: jugs }))).toBe("Ready to set out: chilled.");
  });

  it("keeps quiet while it is blind", () => {
    const sown = [{ arm: { name: "chilled", setup: null }, isSown: true, readyToSow: false }];
    expect(standing(trial({ arms: sown, design: { blind: true, endedOn: null } }))).toContain("blind");
  });

  it("tells plots", () => {
    expect(plotWords(36, [1, 2])).toBe("36 seeds in 2 cells");
    expect(plotWords(1, null)).toBe("1 seed");
  });

  it("tells a time that does not differ as none", () => {
    const t = { first: "chilled", second: "not chilled", difference: 0.01, low: -2, high: 2, rankSumP: 1 };
    expect(timesWords(t)).toBe(
      "chilled and not chilled took equally long on average, difference −2.0 to 2.0 days",
    );
    expect(timesWords({ ...t, difference: -3 })).toContain("chilled 3.0 days sooner than not chilled");
  });

  it("tells what an arm is sown with, in the units of the site", () => {
    const arm = { depthMm: 25.4, cover: "grit", place: "yard", setup: null } as Parameters<
      typeof armWords
    >[0];
    expect(armWords(arm, [{ id: "yard", name: "Yard" }], "unitedStates")).toBe(
      ", 1\u00a0in deep, under coarse grit, Yard",
    );
    expect(armWords({ ...arm, depthMm: null, cover: null, place: null }, [], "metric")).toBe("");
  });
});
