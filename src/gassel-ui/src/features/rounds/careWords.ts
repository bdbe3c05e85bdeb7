import type { BagCare, Moisture, MouldSeen } from "../../api/types";

export const CARE_WORDS: Record<BagCare, string> = {
  turned: "turned for air",
  wetted: "wetted",
  drained: "drained",
  rinsed: "rinsed",
  peroxide: "weak peroxide, by its label",
  newMedium: "new medium",
  leftFirm: "left, seed firm",
};

/** What was seen decides what there was to do. */
export function fits(care: BagCare, moisture: Moisture, mould: MouldSeen): boolean {
  switch (care) {
    case "turned":
      return true;
    case "wetted":
      return moisture === "dry";
    case "drained":
      return moisture === "dripping";
    default:
      return mould !== "none";
  }
}
