import { describe, expect, it } from "vitest";
import { lastFrostOf } from "./lastFrost";

describe("the usual last frost", () => {
  it("is the day entered", () => {
    expect(lastFrostOf("2027-05-08", false, "05-01")).toBe("05-08");
    expect(lastFrostOf("2027-05-08", true, undefined)).toBe("05-08");
  });
  it("stays as it was while a record speaks, and is never made up", () => {
    expect(lastFrostOf(null, true, "05-01")).toBe("05-01");
    expect(lastFrostOf(null, true, undefined)).toBeUndefined();
    expect(lastFrostOf(null, false, "05-01")).toBeUndefined();
  });
});
