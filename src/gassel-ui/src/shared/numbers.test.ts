import { describe, expect, it } from "vitest";
import { percent, readNumber, several, stepped } from "./numbers";

describe("numbers", () => {
  it("say what would be valid when they do not fit", () => {
    expect(readNumber("-3", { min: 0, max: 60, whole: true }).fault).toContain("from 0 to 60");
    expect(readNumber("-3", { min: -2, max: 100_000, whole: true }).fault).toContain("from −2 to 100,000");
    expect(readNumber("3.5", { min: 0, max: 60, whole: true }).value).toBeNull();
    expect(readNumber("1e3", { min: 0, max: 6000, whole: true }).value).toBeNull();
    expect(readNumber("46.8", { min: -90, max: 90, whole: false })).toEqual({ value: 46.8, fault: null });
    expect(readNumber("−8", { min: -52, max: 104, whole: true }).value).toBe(-8);
    expect(readNumber("", { min: 0, max: 9, whole: true })).toEqual({ value: null, fault: null });
  });

  it("step by the last place that is written, and never beyond what is valid", () => {
    const limits = { min: 0, max: 10, whole: false };
    expect(stepped("4", 1, limits)).toBe("5");
    expect(stepped("4.5", -1, limits)).toBe("4.4");
    expect(stepped("9.95", 1, { ...limits, max: 9.95 })).toBe("9.95");
    expect(stepped("0", -1, limits)).toBe("0");
    expect(stepped("", 1, { ...limits, min: -40 })).toBe("-40");
    // what does not fit is left to be read
    expect(stepped("forty", 1, limits)).toBe("forty");
  });

  it("show percent without false precision", () => {
    expect(percent(0.8)).toBe("80 %");
    expect(percent(0.0312)).toBe("3.1 %");
    expect(percent(0)).toBe("0 %");
    expect(percent(0.0999)).toBe("10 %");
  });

  it("agree with their noun", () => {
    expect(several(1, "seed")).toBe("1 seed");
    expect(several(0, "look")).toBe("0 looks");
  });
});
