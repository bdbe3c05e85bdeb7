import type { CapPosition, ContainerAnswer, ContainerPreset, Exposure } from "../../api/types";
import type { Units } from "../../shared/units";

/** What the simulator is asked; all of it stands in the address. */
export interface SimulatorDraft {
  preset: ContainerPreset;
  cap: CapPosition;
  exposure: Exposure;
  minC: number | null;
  maxC: number | null;
  snowCm: number | null;
  stonesKg: number | null;
  /** `MM-dd`: how high the sun stands. */
  on: string;
}

const START: SimulatorDraft = {
  preset: "jug4",
  cap: "off",
  exposure: "open",
  minC: 2,
  maxC: 14,
  snowCm: 0,
  stonesKg: 0,
  on: "03-15",
};

/** One of the ways a container may be kept, beside the one asked about. */
export interface Variant {
  name: string;
  change: Partial<SimulatorDraft>;
}

const number = (text: string | null, usual: number | null): number | null => {
  if (text === null) return usual;
  const value = Number(text);
  return text.trim() !== "" && Number.isFinite(value) ? value : usual;
};

const one = <T extends string>(text: string | null, valid: readonly T[], usual: T): T =>
  valid.find((v) => v === text) ?? usual;

const PRESETS: readonly ContainerPreset[] = ["jug4", "jug2", "bottle2", "tub6", "pot", "coldFrame"];
const CAPS: readonly CapPosition[] = ["on", "off", "dayOffNightOn", "open"];
const EXPOSURES: readonly Exposure[] = ["open", "eaves", "southWall", "shade"];

/** The inputs as the address has them; what is missing or makes no sense is as usual. */
export const readDraft = (query: URLSearchParams): SimulatorDraft => ({
  preset: one(query.get("container"), PRESETS, START.preset),
  cap: one(query.get("cap"), CAPS, START.cap),
  exposure: one(query.get("exposure"), EXPOSURES, START.exposure),
  minC: number(query.get("minC"), START.minC),
  maxC: number(query.get("maxC"), START.maxC),
  snowCm: number(query.get("snowCm"), START.snowCm),
  stonesKg: number(query.get("stonesKg"), START.stonesKg),
  on: /^\d\d-\d\d$/.test(query.get("on") ?? "") ? (query.get("on") ?? START.on) : START.on,
});

/** The address of the inputs. */
export const writeDraft = (draft: SimulatorDraft): Record<string, string> => ({
  container: draft.preset,
  cap: draft.cap,
  exposure: draft.exposure,
  ...(draft.minC === null ? {} : { minC: String(draft.minC) }),
  ...(draft.maxC === null ? {} : { maxC: String(draft.maxC) }),
  ...(draft.snowCm === null ? {} : { snowCm: String(draft.snowCm) }),
  ...(draft.stonesKg === null ? {} : { stonesKg: String(draft.stonesKg) }),
  on: draft.on,
});

/** What a stone, eaves, a cap or snow would change: each by itself. */
export function variants(draft: SimulatorDraft, units: Units): Variant[] {
  // round in the units that are read, and computed as it is told
  const [stones, stonesKg, snow, snowCm]: [string, number, string, number] =
    units === "metric" ? ["1.5 kg", 1.5, "15 cm", 15] : ["3 lb", 3 * 0.45359237, "6 in", 6 * 2.54];
  const all: Variant[] = [
    { name: "as it is", change: {} },
    { name: `${stones} of stones in it`, change: { stonesKg: (draft.stonesKg ?? 0) + stonesKg } },
    { name: "under eaves", change: { exposure: "eaves" } },
    { name: "in the shade", change: { exposure: "shade" } },
    { name: "cap on", change: { cap: "on" } },
    { name: "cap off", change: { cap: "off" } },
    { name: "top open", change: { cap: "open" } },
    { name: `under ${snow} of snow`, change: { snowCm } },
  ];
  return all.filter(
    ({ change }, i) =>
      i === 0 || Object.entries(change).some(([key, value]) => draft[key as keyof SimulatorDraft] !== value),
  );
}

/** The same day eight times over, so that the first no longer hangs on how it began. */
const DAYS = 8;

/** Days of the year asked about, in a year without a 29 February. */
export function dailyOf(draft: SimulatorDraft, dayAfter: (day: string, days: number) => string) {
  const first = `2027-${draft.on === "02-29" ? "02-28" : draft.on}`;
  return Array.from({ length: DAYS }, (_, i) => ({
    date: dayAfter(first, i),
    minC: draft.minC,
    maxC: draft.maxC,
    snowCm: draft.snowCm,
  }));
}

/** The last day of the answer: by then it repeats itself. */
export function settled(answer: ContainerAnswer) {
  const hours = answer.hourly.slice(-24);
  const day = answer.daily.at(-1);
  return {
    hours,
    airMax: Math.max(...hours.map((h) => h.airC)),
    airMin: Math.min(...hours.map((h) => h.airC)),
    mediumMax: Math.max(...hours.map((h) => h.mediumC)),
    mediumMin: Math.min(...hours.map((h) => h.mediumC)),
    frozenHours: day?.frozenHours ?? 0,
    effective: day?.effective ?? 0,
  };
}
