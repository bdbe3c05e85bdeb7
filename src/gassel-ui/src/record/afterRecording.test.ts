import { describe, expect, it } from "vitest";
import { mayChange } from "./afterRecording";

const ONE = "01a4448d-bc9a-7222-913d-07515106809d";
const OTHER = "01a4448d-bc9a-7222-913d-07515106809e";

const asked = (queryKey: unknown[], isTold = true) => mayChange({ queryKey }, new Set([ONE]), isTold);

describe("after a gesture", () => {
  it("nothing is asked again that was told, or that no entry changes", () => {
    expect(asked(["rounds"])).toBe(false);
    for (const room of ["session", "site", "species", "places", "forecast", "symptoms"])
      expect(asked([room])).toBe(false);
    expect(asked(["batches", OTHER])).toBe(false);
  });

  it("what hangs on the batch is asked again", () => {
    expect(asked(["batches", ONE])).toBe(true);
    expect(asked(["batches", OTHER, "causes", "1"])).toBe(true);
    expect(asked(["batches", "list", {}, 0])).toBe(true);
    expect(asked(["species", "camas", "results"])).toBe(true);
    for (const room of ["count", "yard", "season", "closing", "lots", "trials", "temperatures"])
      expect(asked([room])).toBe(true);
  });

  it("Rounds that were not told are, and those of another day always", () => {
    expect(asked(["rounds"], false)).toBe(true);
    expect(asked(["rounds", "2027-03-20"])).toBe(true);
  });
});
