import { describe, expect, it } from "vitest";
import { band, degrees, difference, elevation, fromMetric, length, toMetric } from "./units";

/** Fixed points: water freezes at 32 °F and boils at 212 °F; an inch is 25.4 mm, a foot 304.8 mm. */
describe("units", () => {
  it("tell temperatures in either", () => {
    expect(degrees(0, "unitedStates")).toBe("32\u00a0°F");
    expect(degrees(100, "unitedStates")).toBe("212\u00a0°F");
    expect(degrees(4.26, "metric")).toBe("4.3\u00a0°C");
    expect(band({ lowC: 1, highC: 5 }, "unitedStates")).toBe("34–\u206041\u00a0°F");
    expect(difference(-2, "unitedStates")).toBe("−3.6\u00a0°F");
  });
  it("tell lengths in either", () => {
    expect(length(25.4, "unitedStates")).toBe("1\u00a0in");
    expect(length(6, "metric")).toBe("6\u00a0mm");
    expect(elevation(304.8, "unitedStates")).toBe("1000\u00a0ft");
  });
  it("go there and back", () => {
    expect(toMetric(212, "temperature", "unitedStates")).toBeCloseTo(100, 9);
    for (const measure of ["temperature", "difference", "length", "elevation"] as const) {
      expect(toMetric(fromMetric(7.3, measure, "unitedStates"), measure, "unitedStates")).toBeCloseTo(7.3, 9);
    }
  });
});
