import { describe, expect, it } from "vitest";
import type { WaterNeed } from "../../api/types";
import { looks, needKey, usualLook } from "./water";

const need = (batch: string, part = "1"): WaterNeed => ({
  batch,
  number: 1,
  part,
  label: "tray 1",
  regime: "surfaceDries",
  why: "",
  drinks: null,
  rainWater: false,
});

describe("water by place", () => {
  it("waters what is pale and nothing else", () => {
    expect(usualLook("dry").given).toBe("fromBelow");
    expect(usualLook("moist").given).toBe("none");
    expect(usualLook("wet").given).toBe("none");
  });

  it("keeps the parts of a batch in one gesture, each with its own look", () => {
    const sent = looks([need("a"), need("a", "1a"), need("b")], (n) =>
      usualLook(needKey(n) === "a/1a" ? "dry" : "moist"),
    );
    expect(sent.map((s) => [s.batch, s.payloads])).toEqual([
      [
        "a",
        [
          { kind: "waterLooked", part: "1", seen: "moist", given: "none" },
          { kind: "waterLooked", part: "1a", seen: "dry", given: "fromBelow" },
        ],
      ],
      ["b", [{ kind: "waterLooked", part: "1", seen: "moist", given: "none" }]],
    ]);
  });
});
