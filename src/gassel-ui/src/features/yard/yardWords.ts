import { WORDS } from "../../api/words";
import type {
  AlertedContainer,
  CareStyle,
  ContainerSetup,
  ContainerBrief,
  YardAlert,
  YardView,
} from "../../api/types";
import { several } from "../../shared/numbers";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** The cares that are chosen; holes and water were told as one with them once. */
export const CARES = ["capOff", "capOnAtNight", "openByTemperature"] as const satisfies readonly CareStyle[];

/** How its top, holes and water are minded. */
export const careWords = (setup: ContainerSetup): string =>
  [
    WORDS.CareStyle[setup.care === "noHolesDailyWater" ? "openByTemperature" : setup.care],
    ...(setup.holes && setup.care !== "noHolesDailyWater" ? [] : ["no holes"]),
    ...(setup.wateredDaily || setup.care === "noHolesDailyWater" ? ["watered daily"] : []),
  ].join(", ");

export const STATES: Record<ContainerBrief["state"], string> = {
  unknown: "not known",
  frozen: "frozen",
  chilling: "in the cold",
  chilled: "cold enough, waits for warmth",
  expected: "first expected",
  up: "up",
};

/** What stands in the yard, as the head of the page says it. */
export function yardHeadline(yard: YardView): string {
  const all = yard.spots.flatMap((spot) => spot.containers);
  if (all.length === 0) return "Nothing is out in the yard";
  const up = all.filter((c) => c.standing > 0).length;
  const frozen = all.filter((c) => c.state === "frozen").length;
  const parts = [
    up > 0 ? `${up} with seedlings` : null,
    frozen > 0 ? `${frozen} frozen` : null,
    all.some((c) => c.shelter !== "none")
      ? `${all.filter((c) => c.shelter !== "none").length} sheltered`
      : null,
  ].filter((part) => part !== null);
  return `${several(all.length, "container")} out${parts.length > 0 ? `: ${parts.join(", ")}` : ""}`;
}

/** How cold it has been inside: `55 days of cold of at least 42, enough since 7 Feb.` Null where nothing is said of it. */
export function coldWords(c: ContainerBrief, today: Day): string | null {
  if (c.cold === null || c.coldNeed === null) return null;
  const usual = c.coldUsual === null ? "" : `, usually ${c.coldUsual.toFixed(0)}`;
  const so = `${c.cold.toFixed(0)} days of cold of at least ${c.coldNeed.toFixed(0)}${usual}`;
  if (c.coldMetOn === null) return `${so}; not enough before the warmth.`;
  return c.coldMetOn <= today
    ? `${so}; enough since ${shortDay(c.coldMetOn, today)}.`
    : `${so}; enough about ${shortDay(c.coldMetOn, today)}.`;
}

/** How many are up, when they came, and when they are expected. */
export function upWords(c: ContainerBrief, today: Day): string {
  const up = `${c.emerged} of ${several(c.seeds, "seed")} up, ${several(c.standing, "seedling")} now.`;
  const seen = c.firstUpOn ? ` First seen ${actDay(c.firstUpOn, today)}.` : "";
  const e = c.emergence;
  if (!e?.first) return up + seen;
  const most = e.most ? `, nearly all by ${shortDay(e.most, today)}` : "";
  return `${up}${seen} ${seen ? "The model said" : "First expected"} ${shortDay(e.first, today)}${most}.`;
}

/** Reasons of a warning, each told once with the labels it is true of. */
export function reasonsOf(alert: YardAlert): { reason: string; labels: string[] }[] {
  const told = new Map<string, string[]>();
  for (const c of alert.containers)
    told.set(c.warning.reason, [...(told.get(c.warning.reason) ?? []), c.label]);
  return [...told].map(([reason, labels]) => ({ reason, labels }));
}

/** The same container in two answers. */
export const keyOf = (c: Pick<AlertedContainer, "batchId" | "part">): string => `${c.batchId}/${c.part}`;

/** Containers gathered by batch, as one gesture names them. */
export function byBatch<T extends { batchId: string }>(containers: T[]): Map<string, T[]> {
  const batches = new Map<string, T[]>();
  for (const c of containers) batches.set(c.batchId, [...(batches.get(c.batchId) ?? []), c]);
  return batches;
}

/** Seed spread as evenly as it goes, the first vessels getting one more. */
export function spread(seeds: number, vessels: number): number[] {
  const each = Math.floor(seeds / vessels);
  return Array.from({ length: vessels }, (_, i) => each + (i < seeds - each * vessels ? 1 : 0));
}
