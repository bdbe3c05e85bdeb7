import { describe, expect, it } from "vitest";
import { depthWords, durationWords } from "./speciesWords";

describe("a species in words", () => {
  it("tells how long a step takes", () => {
    expect(durationWords({ shortest: 0, usual: 0, longest: 0, isOrdered: true })).toBe("within the hour");
    expect(durationWords({ shortest: 1, usual: 1, longest: 3, isOrdered: true })).toBe(
      "usually 1 day (1 to 3)",
    );
    expect(durationWords({ shortest: 60, usual: 84, longest: 112, isOrdered: true })).toBe(
      "usually 84 days (60 to 112)",
    );
    expect(durationWords({ shortest: 695, usual: 1095, longest: 1460, isOrdered: true })).toBe(
      "usually 3 years (1.9 to 4)",
    );
  });
  it("tells depth", () => {
    expect(depthWords({ lowMm: 0, highMm: 0 }, "metric")).toBe("on the surface, pressed in");
    expect(depthWords({ lowMm: 6, highMm: 10 }, "metric")).toBe("6\u00a0mm to 10\u00a0mm deep");
    expect(depthWords(null, "metric")).toBe("depth unknown");
  });
});
