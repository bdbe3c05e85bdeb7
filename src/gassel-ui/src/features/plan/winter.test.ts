import { describe, expect, it } from "vitest";
import { ofWinter, yearsTo } from "./winter";

describe("a day in another winter", () => {
  it("stays where it is within the winter", () => {
    expect(ofWinter("2026-12-24", "2026-10-01")).toBe("2026-12-24");
    expect(yearsTo("2027-03-01", "2026-10-01")).toBe(0);
  });

  it("moves by whole years, forwards and back", () => {
    expect(ofWinter("2027-11-20", "2026-10-01")).toBe("2026-11-20");
    expect(ofWinter("2026-10-22", "2027-03-14")).toBe("2027-10-22");
    expect(yearsTo("2024-09-30", "2026-10-01")).toBe(3);
  });

  it("knows a February without a 29th", () => {
    expect(ofWinter("2028-02-29", "2026-10-01")).toBe("2027-02-28");
  });
});
