import { describe, expect, it } from "vitest";
import { requestOf, unused } from "./mix";
import type { MixDraft } from "./mix";

const draft: MixDraft = {
  count: 72,
  vessel: "cell",
  litresEach: 0.04,
  shares: [
    { part: "peat", parts: 4 },
    { part: "vermiculite", parts: 1 },
  ],
  settling: 15,
  boiled: false,
};

describe("a mix as it is typed", () => {
  it("is asked for once every number is there, settling as a share", () => {
    expect(requestOf(draft)?.settling).toBeCloseTo(0.15);
    expect(requestOf({ ...draft, count: null })).toBeNull();
    expect(requestOf({ ...draft, shares: [{ part: "peat", parts: null }] })).toBeNull();
  });

  it("offers only parts that are not in it", () => {
    expect(unused(["peat", "sand"], draft.shares)).toEqual(["sand"]);
  });
});
