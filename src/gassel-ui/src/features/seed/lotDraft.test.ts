import { describe, expect, it } from "vitest";
import { lotInHand, toLot } from "./lotDraft";

const hand = {
  ...lotInHand(undefined),
  speciesId: "balsamroot",
  gatheredAt: "slope",
  gatheredOn: "2026-07-01",
  counted: 400,
};

describe("a lot in hand", () => {
  it("says what is still missing", () => {
    expect(toLot(lotInHand(undefined))).toEqual({
      missing: ["the species", "where it was gathered", "when it was gathered", "how many seeds"],
    });
    expect(toLot({ ...hand, counted: null })).toEqual({ missing: ["how many seeds"] });
    expect(toLot({ ...hand, byWeight: true })).toEqual({ missing: ["the weight"] });
    expect(toLot({ ...hand, tests: [{ key: 1, germinated: null, seeds: 40, on: null, given: [] }] })).toEqual(
      { missing: ["a number of a test"] },
    );
  });
  it("asks of a bought packet what stands on it, not where it grew", () => {
    const packet = {
      ...hand,
      source: "cleanedBought" as const,
      gatheredAt: "",
      gatheredOn: null,
      packedFor: 2026,
      printedPercent: 85,
    };
    expect(toLot(packet)).toMatchObject({ lot: { lot: { printedFraction: 0.85, packedFor: 2026 } } });
    expect(toLot({ ...packet, packedFor: null })).toEqual({ missing: ["the year it was packed for"] });
  });
  it("is counted or weighed, never both", () => {
    expect(toLot(hand)).toMatchObject({ lot: { lot: { counted: 400, weight: null, cutTest: null } } });
    expect(toLot({ ...hand, byWeight: true, grams: 2, seedsPerGram: 180 })).toMatchObject({
      lot: { lot: { counted: null, weight: { grams: 2, seedsPerGram: 180, purity: 0.95 } } },
    });
  });
  it("comes back as it was sent", () => {
    const sent = toLot({
      ...hand,
      full: 18,
      rotten: 2,
      expectedPercent: 45,
      permission: " land-owner ",
      parent: "B-17 ",
    });
    if (!("lot" in sent)) throw new Error("not complete");
    expect(sent.lot.lot).toMatchObject({
      cutTest: { full: 18, empty: 0, rotten: 2 },
      assumedFraction: 0.45,
      permission: "land-owner",
      parent: "B-17",
    });
    expect(toLot(lotInHand(sent.lot))).toEqual(sent);
  });
});
