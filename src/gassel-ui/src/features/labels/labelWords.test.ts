import { describe, expect, it } from "vitest";
import type { PartLabel } from "../../api/types";
import { wanted } from "./labelWords";

const part = (batch: string, stale: boolean, begun: boolean): PartLabel => ({
  batch,
  number: batch.charCodeAt(0) - 96,
  part: "1",
  placeId: null,
  label: {
    code: "B-1",
    commonName: "",
    scientificName: "",
    lot: "",
    vessel: null,
    step: "cold-moist",
    in: begun ? "2027-01-01" : null,
    due: "",
    hazard: null,
    warnings: [],
    stale,
    printed: null,
  },
});

describe("labels to print", () => {
  it("are those that are missing or tell of an earlier step, unless one batch is asked for", () => {
    const parts = [part("a", true, true), part("b", false, true), part("c", true, false)];
    const none = { batch: null, numbers: new Set<number>() };
    expect(wanted(parts, none)).toEqual(["a/1"]);
    expect(wanted(parts, { ...none, batch: "b" })).toEqual(["b/1"]);
    expect(wanted(parts, { ...none, numbers: new Set([2]) })).toEqual(["b/1"]);
  });
});
