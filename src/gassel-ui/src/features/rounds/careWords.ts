import type { BagCare, Moisture, MouldSeen } from "../../api/types";

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
