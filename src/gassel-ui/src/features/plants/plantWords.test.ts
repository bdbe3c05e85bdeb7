import { describe, expect, it } from "vitest";
import type { PlantTally } from "../../api/types";
import { STAGES } from "../../drawings/stages";
import { groundWords, stageInHand, stagesAfter, tallyWords } from "./plantWords";

const tally = (alive: number[], dormant = 0, lost = 0): PlantTally =>
  ({
    emerged: alive.reduce((a, b) => a + b, 0) + dormant + lost,
    stages: STAGES.map((stage, i) => ({
      stage,
      alive: alive[i] ?? 0,
      dormant: i === 2 ? dormant : 0,
      lost: i === 0 ? lost : 0,
      reached: 0,
    })),
    losses: [],
  }) as unknown as PlantTally;

describe("plants in words", () => {
  it("tell where they are", () => {
    expect(tallyWords(tally([0, 12, 0, 0, 3], 4, 5))).toBe(
      "12 pricked out, 3 planted, 4 dormant, alive; 5 lost",
    );
    expect(tallyWords(tally([]))).toBe("none alive");
  });

  it("take in hand the stage where most can still go on", () => {
    expect(stageInHand(tally([2, 9, 0, 0, 40]))).toBe("prickedOut");
    expect(stageInHand(tally([0, 0, 0, 0, 40]))).toBeNull();
  });

  it("only go forward", () => {
    expect(stagesAfter("potted")).toEqual(["hardened", "planted"]);
    expect(stagesAfter("planted")).toEqual([]);
  });

  it("tell the ground that they take", () => {
    const ground = { squareM2: 9, staggeredM2: 7.794, perM2: 11.1, working: [] };
    expect(groundWords(ground, "metric")).toBe("9\u00a0m² on the square, 7.79\u00a0m² in staggered rows");
    expect(groundWords(ground, "unitedStates")).toContain("97\u00a0sq\u00a0ft on the square");
  });
});
