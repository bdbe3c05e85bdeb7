import { describe, expect, it } from "vitest";
import { reaches } from "./roles";

describe("roles", () => {
  it("may each do what the one before may", () => {
    expect(reaches("owner", "volunteer")).toBe(true);
    expect(reaches("grower", "grower")).toBe(true);
    expect(reaches("volunteer", "grower")).toBe(false);
    expect(reaches("grower", "owner")).toBe(false);
  });
});
