import { describe, expect, it } from "vitest";
import { fieldOf } from "./formProblem";

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
});
