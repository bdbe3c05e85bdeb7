import { describe, expect, it } from "vitest";
import amounts from "../../../../tests/amounts.json";
import {
  area,
  band,
  degrees,
  difference,
  elevation,
  fromMetric,
  inches,
  length,
  speed,
  toMetric,
  volume,
} from "./units";
import type { Units } from "./units";

type Row = [number, string, string];

const AMOUNTS = amounts as unknown as Record<Kind, Row[]>;

type Kind = "temperature" | "difference" | "length" | "volume" | "speed" | "area";

const KINDS: [Kind, (amount: number, units: Units) => string][] = [
  ["temperature", degrees],
  ["difference", difference],
  ["length", length],
  ["volume", volume],
  ["speed", speed],
  ["area", area],
];

const plain = (text: string): string => text.replaceAll("\u00a0", " ").replaceAll("\u2060", "");

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
    expect(length(90, "metric")).toBe("9\u00a0cm");
    expect(["3/8", "1/16", "3 1/2", "2"]).toEqual([9.5, 0.2, 90, 51].map((mm) => inches(mm / 25.4)));
    expect(area(1.5, "unitedStates")).toBe("16\u00a0sq\u00a0ft");
    expect(elevation(304.8, "unitedStates")).toBe("1000\u00a0ft");
  });
  it("go there and back", () => {
    expect(toMetric(212, "temperature", "unitedStates")).toBeCloseTo(100, 9);
    for (const measure of [
      "temperature",
      "difference",
      "length",
      "elevation",
      "width",
      "perVolume",
      "weight",
      "capacity",
    ] as const) {
      expect(toMetric(fromMetric(7.3, measure, "unitedStates"), measure, "unitedStates")).toBeCloseTo(7.3, 9);
    }
  });

  it("show what was typed, without drift: 32 °F stays 32 °F", () => {
    for (const measure of ["temperature", "length", "width", "perVolume", "weight", "capacity"] as const)
      for (const typed of [0.13, 0.25, 5.5, 32, 41, 212])
        expect(
          Number(fromMetric(toMetric(typed, measure, "unitedStates"), measure, "unitedStates").toFixed(2)),
        ).toBe(typed);
  });

  /** A US gallon is 3.785411784 l, a fluid ounce its 128th part. */
  it("tell volumes in either, small ones in small units", () => {
    expect([volume(0.04, "metric"), volume(3.456, "metric")]).toEqual(["40\u00a0ml", "3.46\u00a0l"]);
    expect([volume(3.785411784, "unitedStates"), volume(3.785411784 / 128, "unitedStates")]).toEqual([
      "1\u00a0gal",
      "1\u00a0fl oz",
    ]);
  });
  it.each(KINDS)("write %s as the speaker of the core does", (kind, write) => {
    for (const [amount, metric, customary] of AMOUNTS[kind]) {
      expect(plain(write(amount, "metric"))).toBe(metric);
      expect(plain(write(amount, "unitedStates"))).toBe(customary);
    }
  });
});
