import { describe, expect, it } from "vitest";
import type { WishStart, WishView } from "../../api/types";
import { ribbonOf } from "./wishRibbon";

const wish = {
  plan: {
    steps: [
      { kind: "soak", start: "2027-02-01", end: "2027-02-01" },
      { kind: "coldMoist", start: "2027-02-01", end: "2027-03-03" },
      { kind: "germinate", start: "2027-03-03", end: "2027-03-20" },
    ],
  },
} as unknown as WishView;

const found = (on: string | null) => ({ on }) as unknown as WishStart;

describe("the ribbon of a wish", () => {
  it("stands on its best days, without steps of no day", () => {
    expect(ribbonOf(wish, undefined).map((s) => [s.kind, s.start])).toEqual([
      ["coldMoist", "2027-02-01"],
      ["germinate", "2027-03-03"],
    ]);
  });
  it("moves with the start that was found", () => {
    expect(ribbonOf(wish, found("2027-02-08"))[1]?.end).toBe("2027-03-27");
  });
  it("is none where it found no room or has no plan", () => {
    expect(ribbonOf(wish, found(null))).toEqual([]);
    expect(ribbonOf({ plan: null } as unknown as WishView, undefined)).toEqual([]);
  });
});
