import type { PlanRequest } from "../../api/types";
import type { Day } from "../../time/days";

/** What a plan may be aimed at. */
export const AIMS = [
  { id: "sowByFrost", words: "sowing, by the last frost" },
  { id: "plantsByFrost", words: "plants to set out, by the last frost" },
  { id: "sowOn", words: "sowing on a day" },
  { id: "plantsOn", words: "plants to set out on a day" },
  { id: "startToday", words: "starting today" },
] as const;

/** The plan's form as it stands; null where a field says nothing that fits. */
export interface Wish {
  speciesId: string;
  lotId: number | null;
  routeId: string | null;
  aim: (typeof AIMS)[number]["id"];
  weeks: number | null;
  frost: Day | null;
  date: Day | null;
  plants: number | null;
  seedsPerCell: number | null;
  containers: number | null;
}

export const firstWish = (frost: Day | null): Wish => ({
  speciesId: "",
  lotId: null,
  routeId: null,
  aim: "sowByFrost",
  weeks: -6,
  frost,
  date: null,
  plants: 30,
  seedsPerCell: null,
  containers: 3,
});

/** The question to the server; null while the form does not say enough. */
export function toRequest(wish: Wish, lotId: number, routeId: string | null, today: Day): PlanRequest | null {
  const { aim, weeks, frost, date, plants, seedsPerCell, containers } = wish;
  if (plants === null || containers === null) return null;
  const base = {
    speciesId: wish.speciesId,
    routeId,
    lotId,
    plants,
    seedsPerCell,
    containers,
    cellsPerTray: null,
    wholeContainerLoss: null,
    survival: null,
    confidence: null,
    date: null,
    lastFrost: null,
    weeksFromLastFrost: null,
  };
  switch (aim) {
    case "startToday":
      return { ...base, target: "start", date: today };
    case "sowOn":
      return date === null ? null : { ...base, target: "sow", date };
    case "plantsOn":
      return date === null ? null : { ...base, target: "plantOut", date };
    default:
      if (weeks === null || frost === null) return null;
      return {
        ...base,
        target: aim === "sowByFrost" ? "sow" : "plantOut",
        lastFrost: frost,
        weeksFromLastFrost: weeks,
      };
  }
}
