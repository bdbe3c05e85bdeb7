import type { BatchView, CellPractice, FrostDay, PlanRequest, SiteView, SowCover } from "../../api/types";
import type { Day } from "../../time/days";

/** What a plan may be aimed at. */
export const AIMS = [
  { id: "sowByFrost", words: "sow, counted from the last frost" },
  { id: "plantsByFrost", words: "plant out, counted from the last frost" },
  { id: "plantsBeforeFreeze", words: "plant out in autumn" },
  { id: "sowOn", words: "sow on a set day" },
  { id: "plantsOn", words: "plant out on a set day" },
  { id: "startOn", words: "start on a set day" },
  { id: "startToday", words: "start today" },
] as const;

/** How seed may be sown. */
export const SOWN = [
  { id: "loose", words: "loose", perCell: null, practice: null },
  { id: "one", words: "one to a cell", perCell: 1, practice: "one" },
  { id: "two", words: "two to a cell, thinned to one", perCell: 2, practice: "thinToOne" },
  { id: "three", words: "three to a cell, thinned to one", perCell: 3, practice: "thinToOne" },
  { id: "clump", words: "six to a cell, divided later", perCell: 6, practice: "divide" },
] as const satisfies readonly {
  id: string;
  words: string;
  perCell: number | null;
  practice: CellPractice | null;
}[];

/** The plan's form as it stands; null where a field says nothing that fits. */
export interface Wish {
  speciesId: string;
  lotId: number | null;
  name: string;
  routeId: string | null;
  aim: (typeof AIMS)[number]["id"];
  /** From the last frost, or before the ground freezes. */
  weeks: number | null;
  weeksBeforeFreeze: number | null;
  /** Which day of the year it is measured from; `own` for a day typed in. */
  from: FrostDay["kind"] | "own";
  year: number | null;
  frost: Day | null;
  date: Day | null;
  plants: number | null;
  sown: (typeof SOWN)[number]["id"];
  /** Empty for the usual of the species. */
  cover: SowCover | "";
  /** Where it stands once sown; empty for the usual. */
  place: string;
  containers: number | null;
  lossPercent: number | null;
  confidencePercent: number | null;
  /** Survival by stage in percent; null for what is assumed. */
  toPot: number | null;
  toHardened: number | null;
  toPlanted: number | null;
  secondWeeks: number | null;
  firstSharePercent: number | null;
}

/** Weeks from the last frost that are usual for an aim: sowing six before it, planting two after it. */
export const usualWeeks = (aim: Wish["aim"]): Partial<Wish> =>
  aim === "sowByFrost" ? { weeks: -6 } : aim === "plantsByFrost" ? { weeks: 2 } : {};

/** The aim on a day of its own that a plan made earlier was anchored at. */
export const AIM_OF: Record<string, Wish["aim"] | undefined> = {
  start: "startOn",
  sow: "sowOn",
  plantOut: "plantsOn",
};

/** A share as it stands in a field. */
const percentOf = (share: number): number => Math.round(share * 10_000) / 100;

/** The form as it begins; what is assumed comes from the core. */
export const firstWish = (site: Pick<SiteView, "nextLastFrost" | "frostDays" | "planning">): Wish => ({
  speciesId: "",
  lotId: null,
  name: "",
  routeId: null,
  aim: "sowByFrost",
  weeks: -6,
  weeksBeforeFreeze: site.planning.weeksBeforeFreeze,
  from: site.frostDays[0]?.kind ?? "own",
  year: site.nextLastFrost ? Number(site.nextLastFrost.slice(0, 4)) : null,
  frost: site.nextLastFrost,
  date: null,
  plants: 30,
  sown: "loose",
  cover: "",
  place: "",
  containers: site.planning.containers,
  lossPercent: percentOf(site.planning.wholeContainerLoss),
  confidencePercent: percentOf(site.planning.confidence),
  toPot: percentOf(site.planning.survival.toPot),
  toHardened: percentOf(site.planning.survival.toHardened),
  toPlanted: percentOf(site.planning.survival.toPlanted),
  secondWeeks: null,
  firstSharePercent: 50,
});

/** How a batch was meant to be sown, as the form has it. */
export function sownOf(plan: BatchView["plan"]): Partial<Wish> {
  const { sowing } = plan;
  if (!sowing) return {};
  const way = SOWN.find(
    (s) => s.perCell === sowing.seedsPerCell && (s.practice === "divide") === sowing.clump,
  );
  return {
    sown: way?.id ?? "loose",
    cover: sowing.cover ?? "",
    place: sowing.place ?? "",
    containers: sowing.containers,
  };
}

/** The day of the year in the year wished; 29 February is the 28th where there is none. */
export function dayIn(year: number, monthDay: string): Day {
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  return `${year}-${monthDay === "02-29" && !leap ? "02-28" : monthDay}`;
}

/** The frost day that the wish is measured from; null while none is known. */
export function frostOf(wish: Wish, days: FrostDay[]): Day | null {
  const kind = wish.aim === "plantsBeforeFreeze" ? "groundFreeze" : wish.from;
  const day = days.find((d) => d.kind === kind);
  if (kind === "own" || !day) return wish.frost;
  return wish.year === null ? null : dayIn(wish.year, day.monthDay);
}

/** The question to the server; null while the form does not say enough. */
export function toRequest(
  wish: Wish,
  lotId: number | null,
  routeId: string | null,
  today: Day,
  days: FrostDay[],
): PlanRequest | null {
  const { aim, weeks, date, plants, containers, confidencePercent, toPot, toHardened, toPlanted } = wish;
  if (plants === null || containers === null || confidencePercent === null) return null;
  if (wish.lossPercent === null) return null;
  if (toPot === null || toHardened === null || toPlanted === null) return null;
  const sown = SOWN.find((s) => s.id === wish.sown);
  const base = {
    speciesId: wish.speciesId,
    routeId,
    lotId,
    name: wish.name.trim() || null,
    plants,
    seedsPerCell: sown?.perCell ?? null,
    practice: sown?.practice ?? null,
    cover: wish.cover || null,
    place: wish.place || null,
    containers,
    cellsPerTray: null,
    wholeContainerLoss: wish.lossPercent / 100,
    stages: { toPot: toPot / 100, toHardened: toHardened / 100, toPlanted: toPlanted / 100 },
    confidence: confidencePercent / 100,
    date: null,
    lastFrost: null,
    weeksFromLastFrost: null,
    groundFreeze: null,
    weeksBeforeFreeze: null,
    second:
      wish.secondWeeks === null
        ? null
        : { weeksLater: wish.secondWeeks, firstShare: (wish.firstSharePercent ?? 50) / 100 },
  } as Omit<PlanRequest, "target">;
  switch (aim) {
    case "startToday":
      return { ...base, target: "start", date: today };
    case "startOn":
      return date === null ? null : { ...base, target: "start", date };
    case "sowOn":
      return date === null ? null : { ...base, target: "sow", date };
    case "plantsOn":
      return date === null ? null : { ...base, target: "plantOut", date };
    case "plantsBeforeFreeze": {
      const groundFreeze = frostOf(wish, days);
      if (groundFreeze === null || wish.weeksBeforeFreeze === null) return null;
      return { ...base, target: "plantOut", groundFreeze, weeksBeforeFreeze: wish.weeksBeforeFreeze };
    }
    default: {
      const lastFrost = frostOf(wish, days);
      if (weeks === null || lastFrost === null) return null;
      return {
        ...base,
        target: aim === "sowByFrost" ? "sow" : "plantOut",
        lastFrost,
        weeksFromLastFrost: weeks,
      };
    }
  }
}
