import { describe, expect, it } from "vitest";
import type { SpeciesView } from "../../api/types";
import { answers, growsIn } from "./questions";

const view = (usual: number, sow: string, hazard: "none" | "toxic" = "none"): SpeciesView =>
  ({
    species: {
      commonName: "red-osier dogwood",
      scientificName: "Cornus sericea",
      notes: "Many stones are empty.",
      hazard,
    },
    routes: [
      {
        treatmentDays: { shortest: 0, usual, longest: usual },
        sowIfStartedToday: { earliest: sow, usual: sow, latest: sow },
      },
    ],
  }) as unknown as SpeciesView;

describe("questions to the library", () => {
  it("finds by any of its words", () => {
    expect(answers(view(0, "2027-03-14"), "all", "cornus red", null)).toBe(true);
    expect(answers(view(0, "2027-03-14"), "all", "cornus blue", null)).toBe(false);
  });
  it("knows what could still be started today", () => {
    expect(answers(view(50, "2027-05-03"), "stillToday", "", "2027-05-08")).toBe(true);
    expect(answers(view(60, "2027-05-13"), "stillToday", "", "2027-05-08")).toBe(false);
    expect(answers(view(50, "2027-05-03"), "stillToday", "", null)).toBe(false);
  });
  it("knows what takes long, what nothing, and what is dangerous", () => {
    expect(answers(view(90, "x"), "long", "", null)).toBe(true);
    expect(answers(view(89, "x"), "long", "", null)).toBe(false);
    expect(answers(view(0, "x"), "plain", "", null)).toBe(true);
    expect(answers(view(0, "x", "toxic"), "hazard", "", null)).toBe(true);
  });
  it("knows where it grows, and never says so of what nobody entered", () => {
    const known = view(0, "x");
    known.species.planted = {
      cycle: "perennial",
      flowersInYear: 2,
      spacingCm: 30,
      darkest: "partShade",
      brightest: "sun",
      driest: "medium",
      wettest: "medium",
      earlyWeeks: null,
    };
    expect(growsIn(known, { light: "", moisture: "" })).toBe(true);
    expect(growsIn(known, { light: "partShade", moisture: "medium" })).toBe(true);
    expect(growsIn(known, { light: "shade", moisture: "" })).toBe(false);
    expect(growsIn(known, { light: "sun", moisture: "wet" })).toBe(false);
    expect(growsIn(view(0, "x"), { light: "sun", moisture: "" })).toBe(false);
  });
});
