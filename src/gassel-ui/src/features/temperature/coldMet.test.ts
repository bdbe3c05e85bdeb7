import { describe, expect, it } from "vitest";
import { metSpan, metWords } from "./coldMet";

const told = (allKept: string | null, certain: string | null) => metWords({ allKept, certain }, "2027-03-14");

describe("when enough cold is had", () => {
  it("is a day, past or to come, or never at this rate", () => {
    expect(told("2027-04-08", "2027-04-08")).toBe("8 Apr");
    expect(told("2027-03-01", "2027-03-01")).toBe("met 1 Mar");
    expect(told(null, null)).toBe("not at this rate");
  });

  it("is never called met where only the uncertain makes it so", () => {
    expect(told("2027-03-01", "2027-03-20")).toBe("met 1 Mar, or 20 Mar if only certain days count");
    expect(told("2027-03-20", null)).toBe("20 Mar, or not at this rate if only certain days count");
  });

  it("is short in a table", () => {
    const span = (allKept: string | null, certain: string | null) =>
      metSpan({ allKept, certain }, "2027-03-14");
    expect([
      span("2027-03-01", "2027-03-01"),
      span("2027-04-24", "2027-05-01"),
      span("2027-04-24", null),
    ]).toEqual(["met 1 Mar", "24 Apr–1 May", "24 Apr or later"]);
  });
});
