import { describe, expect, it } from "vitest";
import { daysInto, momentWords } from "./moments";

describe("a moment in words", () => {
  it("is in the zone of the site, and names the day where it is not today", () => {
    expect(momentWords("2027-03-14T15:05:00Z", "America/Denver", "2027-03-14")).toBe("09:05");
    expect(momentWords("2027-03-14T03:10:00Z", "America/Denver", "2027-03-14")).toBe(
      "yesterday, Sat 13 Mar, 20:10",
    );
    expect(momentWords("2027-02-06T08:00:00Z", "America/Denver", "2027-03-14")).toBe("Sat 6 Feb, 01:00");
  });

  it("stands on a scale of days by the clock of the site", () => {
    expect(daysInto("2027-03-14T18:00:00Z", "2027-03-12", "America/Denver")).toBe(2.5);
  });
});
