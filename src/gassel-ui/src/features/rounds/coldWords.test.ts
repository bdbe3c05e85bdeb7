import { describe, expect, it } from "vitest";
import { coldWords } from "./coldWords";

describe("cold so far", () => {
  it("is told as a range where something is uncertain", () => {
    const cold = { days: 62, certainDays: 62, shortest: 60, usual: 84, working: [] };
    expect(coldWords(cold)).toBe("Cold: 62 days of 84 usual, by the calendar.");
    expect(coldWords({ ...cold, days: 40, certainDays: 33 })).toBe(
      "Cold: 33 to 40 days of 60 at least, 84 usual; 7 are uncertain.",
    );
  });
});
