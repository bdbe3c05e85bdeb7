import type { SurfaceSeen, WaterGiven, WaterNeed } from "../../api/types";
import type { BatchPayloads } from "../../record/RecordProvider";

/** How a vessel was found, and what it got. */
export interface Look {
  seen: SurfaceSeen;
  given: WaterGiven;
}

export const waterKey = (place: string): string => `water-${place}`;

export const needKey = (need: Pick<WaterNeed, "batch" | "part">): string => `${need.batch}/${need.part}`;

/** What is pale is watered from below unless the grower says otherwise; moist and wet mix gets none. */
export const usualLook = (seen: SurfaceSeen): Look => ({
  seen,
  given: seen === "dry" ? "fromBelow" : "none",
});

/** The entries of a look round a place, by batch. */
export function looks<Need extends Pick<WaterNeed, "batch" | "part">>(
  needs: Need[],
  look: (need: Need) => Look,
): BatchPayloads[] {
  const batches = new Map<string, BatchPayloads>();
  for (const need of needs) {
    const batch = batches.get(need.batch) ?? { batch: need.batch, payloads: [] };
    batch.payloads.push({ kind: "waterLooked", part: need.part, ...look(need) });
    batches.set(need.batch, batch);
  }
  return [...batches.values()];
}
