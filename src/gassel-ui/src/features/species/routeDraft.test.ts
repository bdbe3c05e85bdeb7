import { describe, expect, it } from "vitest";
import type { SpeciesView } from "../../api/types";
import { forbidden, freshStep, moved, toDraft } from "./routeDraft";

describe("a route in hand", () => {
  it("is no draft while a number is missing", () => {
    const step = freshStep("coldMoist", 1);
    expect(toDraft("fridge", "indoors", "own", [step])?.steps[0]?.band).toBeNull();
    expect(toDraft("fridge", "indoors", "own", [{ ...step, usual: null }])).toBeNull();
    expect(toDraft("fridge", "indoors", "own", [{ ...step, lowC: 1 }])).toBeNull();
  });
  it("keeps a method for scarifying only", () => {
    expect(toDraft("x", "indoors", "own", [freshStep("scarify", 1)])?.steps[0]?.method).toBe("abrade");
    expect(
      toDraft("x", "indoors", "own", [{ ...freshStep("soak", 1), method: "nick" }])?.steps[0]?.method,
    ).toBeNull();
  });
  it("moves a step and stops at the ends", () => {
    expect(moved(["a", "b", "c"], 0, 1)).toEqual(["b", "a", "c"]);
    expect(moved(["a", "b", "c"], 0, -1)).toEqual(["a", "b", "c"]);
    expect(moved(["a", "b", "c"], 2, 1)).toEqual(["a", "b", "c"]);
  });
  it("knows why a step is not for this seed", () => {
    const view = {
      forbidden: [
        { kind: "soak", method: null, why: "toxic water" },
        { kind: "scarify", method: "hotWater", why: "kills" },
      ],
    } as unknown as SpeciesView;
    expect(forbidden(view, "soak", null)).toBe("toxic water");
    expect(forbidden(view, "scarify", "abrade")).toBeNull();
    expect(forbidden(view, "scarify", "hotWater")).toBe("kills");
  });
});
