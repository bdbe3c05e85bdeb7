import { WORDS } from "../../api/words";
import { describe, expect, it } from "vitest";
import type { BagCare } from "../../api/types";
import { fits } from "./careWords";

const offered = (moisture: Parameters<typeof fits>[1], mould: Parameters<typeof fits>[2]) =>
  (Object.keys(WORDS.BagCare) as BagCare[]).filter((care) => fits(care, moisture, mould));

describe("what was done to a bag", () => {
  it("is offered by what was seen", () => {
    expect(offered("right", "none")).toEqual(["turned"]);
    expect(offered("dry", "none")).toEqual(["turned", "wetted"]);
    expect(offered("dripping", "some")).toEqual([
      "turned",
      "drained",
      "rinsed",
      "peroxide",
      "newMedium",
      "leftFirm",
    ]);
  });
});
