import { describe, expect, it } from "vitest";
import { timeOf, wishWords } from "./messageWords";

describe("a time as somebody types it", () => {
  it("goes to the server with its seconds", () =>
    expect(["6:00", "06.30", " ", "noon"].map(timeOf)).toEqual(["06:00:00", "06:30:00", null, "noon"]));
});

describe("what somebody is told", () => {
  it("is said in the order of importance", () =>
    expect(
      wishWords({
        name: "Odila",
        mail: "odila@example.org",
        alarms: true,
        morningAt: "06:00:00",
        quietFrom: "22:00:00",
        quietTo: "06:00:00",
      }),
    ).toBe("alarms, morning list at 06:00, quiet from 22:00 to 06:00"));
});
