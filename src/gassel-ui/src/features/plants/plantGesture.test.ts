import { describe, expect, it } from "vitest";
import type { PlantTally } from "../../api/types";
import { firstStage, goalsOf, hardened, payloadOf, stagesFor } from "./plantGesture";
import type { PlantMove } from "./plantGesture";
import { STAGES } from "../../drawings/stages";

const tally = (alive: number[], dormant = 0): PlantTally =>
  ({
    emerged: 0,
    stages: STAGES.map((stage, i) => ({
      stage,
      alive: alive[i] ?? 0,
      dormant: i === 2 ? dormant : 0,
      lost: 0,
      reached: 0,
    })),
    losses: [],
  }) as unknown as PlantTally;

const move: PlantMove = {
  from: "seedling",
  to: "potted",
  plants: 6,
  into: " deep pots ",
  spacingCm: 30,
  potCm: 9,
  cause: "dried",
  mix: [{ part: "peat", parts: 2 }],
};

describe("a gesture on plants", () => {
  it("is offered where it can be made", () => {
    const some = tally([4, 9, 2, 0, 20], 3);
    expect(stagesFor(some, "thin")).toEqual(["seedling"]);
    expect(stagesFor(some, "moveOn")).toEqual(["seedling", "prickedOut", "potted"]);
    expect(stagesFor(some, "cameAgain")).toEqual(["potted"]);
    expect(firstStage(some, "moveOn")).toBe("prickedOut");
    expect(firstStage(some, "divide")).toBe("seedling");
    expect(goalsOf("divide", "seedling")).toEqual(["prickedOut", "potted"]);
    // clumps are divided at any stage before hardening
    expect(stagesFor(some, "divide")).toEqual(["seedling", "prickedOut", "potted"]);
    expect(goalsOf("divide", "potted")).toEqual(["potted"]);
  });

  it("records what it says, with a pot only for the potted and a spacing only for the planted", () => {
    expect(payloadOf("divide", "1", move)[0]).toMatchObject({
      kind: "movedOn",
      divided: true,
      potCm: 9,
      spacingCm: null,
      into: "deep pots",
    });
    expect(payloadOf("divide", "1", move)[0]).toMatchObject({ mix: [{ part: "peat", parts: 2 }] });
    expect(payloadOf("moveOn", "1", { ...move, to: "planted" })[0]).toMatchObject({
      mix: null,
      divided: false,
      potCm: null,
      spacingCm: 30,
    });
    expect(payloadOf("thin", "1", move)[0]).toMatchObject({
      kind: "count",
      emerged: 0,
      lost: 6,
      cause: "thinned",
    });
    expect(payloadOf("lost", "1", move)[0]).toMatchObject({ kind: "count", lost: 6, cause: "dried" });
    expect(payloadOf("lost", "1", { ...move, from: "potted" })[0]).toMatchObject({ kind: "plantsLost" });
  });

  it("hardens everything that stands when the hardening ends", () => {
    expect(hardened("1", tally([0, 3, 12, 0, 5]))).toMatchObject([
      { from: "prickedOut", to: "hardened", plants: 3 },
      { from: "potted", to: "hardened", plants: 12 },
    ]);
    expect(hardened("1", tally([0, 0, 0, 7]))).toEqual([]);
  });
});
