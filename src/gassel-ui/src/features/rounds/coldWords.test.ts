import { describe, expect, it } from "vitest";
import type { ColdBrief } from "../../api/types";
import { coldWords } from "./coldWords";

const cold: ColdBrief = {
  school: "weighted",
  gained: 62,
  certain: 62,
  assumed: 0,
  shortest: 60,
  usual: 84,
  usualMet: { allKept: "2027-04-08", certain: "2027-04-08" },
  working: [],
};
const told = (part: Partial<ColdBrief>) => coldWords({ ...cold, ...part }, "2027-03-14", "metric");

describe("cold so far", () => {
  it("says how much, of what, and when it is enough", () => {
    expect(told({})).toBe("Cold by temperature: 62 of 84 days. Enough: 8 Apr.");
  });

  it("is told as a range where something is uncertain", () => {
    expect(
      told({ gained: 40.25, certain: 33, usualMet: { allKept: "2027-04-08", certain: "2027-04-15" } }),
    ).toBe(
      "Cold by temperature: 33 to 40.3 of at least 60, 84 days. Enough: 8 Apr, or 15 Apr if only certain days count.",
    );
  });

  it("keeps what is assumed apart", () => {
    expect(told({ assumed: 18 })).toContain("18 of it assumed.");
    expect(told({ assumed: 62 })).toContain("All of it assumed, nothing measured.");
  });

  it("counts hours where hours are the school", () => {
    expect(told({ school: "chillHours", gained: 1488.4, certain: 1488.4, shortest: 1440, usual: 2016 })).toBe(
      "Cold of hours from 0 to 7.2 °C: 1488 of 2016 hours. Enough: 8 Apr.",
    );
  });
});
