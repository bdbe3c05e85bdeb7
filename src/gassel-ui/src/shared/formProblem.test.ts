import { describe, expect, it } from "vitest";
import { fieldOf, wordsAtField } from "./formProblem";

const told = (field: string | undefined, ...names: string[]) =>
  fieldOf({
    problem: { status: 400, title: "Not accepted", detail: "It does not fit.", ...(field ? { field } : {}) },
    fields: new Set(names),
  });

describe("the field that a problem is about", () => {
  it("is found by the name that the request gives it, within whatever holds it", () => {
    expect(told("latitude", "name", "latitude")).toBe("latitude");
    expect(told("settings.frostRisk", "name", "frostRisk")).toBe("frostRisk");
    expect(told("settings.frostRisk", "frostRisk", "settings.frostRisk")).toBe("settings.frostRisk");
  });

  it("is none where the form does not draw it, so that the problem is said for the whole form", () => {
    expect(told("costs.labels[2].price", "name")).toBeNull();
    expect(told(undefined, "name")).toBeNull();
    expect(fieldOf({ problem: null, fields: new Set(["name"]) })).toBeNull();
  });

  it("does not say its name and its content once more", () => {
    expect(wordsAtField("timeZone was 'Mars'; valid is an IANA name such as Europe/Oslo.")).toBe(
      "Valid is an IANA name such as Europe/Oslo.",
    );
    expect(wordsAtField("A lot of that number is in the book.")).toBe("A lot of that number is in the book.");
  });
});
