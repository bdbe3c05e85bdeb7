import type {
  BagCare,
  Count,
  EntryPayload,
  EntryToSend,
  Moisture,
  MouldSeen,
  ScarifyWay,
  StandingDue,
  StandingPart,
  Vessel,
} from "../api/types";
import type { Day } from "../time/days";
import { newId } from "./newId";

/** Soaks and their water are timed by the hour, and so is what is done to caps and covers. */
const HOURS_MATTER: EntryPayload["kind"][] = [
  "stepStarted",
  "waterChanged",
  "waterLooked",
  "inspected",
  "tended",
];

/**
 * The entries of one gesture, ready to send.
 * @param moment now at the site; null where it was done on an earlier day.
 */
export function gesture(payloads: EntryPayload[], doneOn: Day, moment: string | null = null): EntryToSend[] {
  const recordedAt = new Date().toISOString();
  return payloads.map((payload) => ({
    id: newId(),
    doneOn,
    doneAt: HOURS_MATTER.includes(payload.kind) ? moment : null,
    recordedAt,
    payload,
  }));
}

const plain = (kind: Vessel["kind"], label: string): Vessel => ({
  kind,
  label,
  cells: null,
  medium: null,
  slot: null,
  columns: null,
});

/** What was counted on a whole tray. */
export const countOf = (
  part: string,
  emerged: number,
  lost: number,
  more: Partial<Count> = {},
): EntryPayload => ({
  kind: "count",
  part,
  emerged,
  lost,
  cause: "unknown",
  rooted: 0,
  spots: null,
  ...more,
});

/** Sown as it usually is; into its own vessel where the book does not say how. */
const sown = (part: { part: string; number: number; sowing?: StandingPart["sowing"] }): EntryPayload => ({
  kind: "sown",
  ...(part.sowing ?? {
    part: part.part,
    place: null,
    vessel: plain("pot", `pots ${part.number}`),
    depthMm: null,
    seeds: null,
    seedsPerCell: null,
    cells: null,
    cover: null,
    estimatePercent: null,
    dome: false,
    mix: null,
    filling: null,
    water: null,
  }),
});

/** What a vessel of a batch is called unless the grower says otherwise. */
export function usualVessel(due: StandingDue, part: StandingPart): Vessel {
  if (due.due.kind === "sow" && part.sowing?.vessel) return part.sowing.vessel;
  const tail = part.part === "1" ? "" : ` part ${part.part}`;
  const jar = due.stepKind === "scarify" || due.stepKind === "soak" || due.stepKind === "leach";
  const kind = jar ? "jar" : "bag";
  return plain(kind, `${kind} ${part.number}${tail}`);
}

/** Nothing of it was begun: a part that plants were moved to has no seed either, and is no beginning. */
export const begins = (part: Pick<StandingPart, "seeds" | "plants">): boolean =>
  part.seeds === 0 && part.plants === null;

/** Starting the step that is due, or sowing, as it is usually done. */
export function usualStart(
  due: StandingDue,
  part: StandingPart,
  vessel: Vessel = usualVessel(due, part),
  way: ScarifyWay | null = null,
): EntryPayload[] {
  // a trial wants it where its layout has it
  if (due.due.kind === "sow" && part.laid && part.laid.entries.length > 0) return part.laid.entries;
  const place = due.toPlace;
  const first = begins(part);
  if (due.due.kind === "sow" && part.sowing)
    return [
      {
        kind: "sown",
        ...part.sowing,
        place: part.sowing.place ?? place,
        vessel,
        seeds: first ? part.plannedSeeds : null,
      },
    ];
  return [
    {
      kind: "stepStarted",
      part: part.part,
      step: due.due.step,
      seeds: first ? part.plannedSeeds : null,
      place,
      vessel: first || due.stepKind === "coldMoist" || due.stepKind === "warmMoist" ? vessel : null,
      way,
    },
  ];
}

export interface BagLook {
  moisture: Moisture;
  mould: MouldSeen;
  sprouted: number;
  care: BagCare[] | null;
  /** The thermometer of the place, read by eye, °C. */
  placeC: number | null;
}

export const allWell: BagLook = { moisture: "right", mould: "none", sprouted: 0, care: null, placeC: null };

/**
 * How many of soaked seed have swollen. Where some have and some have not the part divides, and the two hold every seed of before;
 * sprouts, if any, are among the swollen.
 */
export function lookForSwelling(
  part: { part: string; seeds: number; sprouted: number },
  swollen: number,
): EntryPayload[] {
  const inspected: EntryPayload = { kind: "inspected", part: part.part, swollen };
  if (swollen === 0 || swollen === part.seeds) return [inspected];
  const sprouted = Math.min(part.sprouted, swollen);
  return [
    inspected,
    {
      kind: "split",
      part: part.part,
      children: [
        { part: `${part.part}.1`, seeds: swollen, sprouted, swollen: true },
        {
          part: `${part.part}.2`,
          seeds: part.seeds - swollen,
          sprouted: part.sprouted - sprouted,
          swollen: false,
        },
      ],
    },
  ];
}

/** What to do with sprouted seed. */
export type SproutAction = "notYet" | "pickOut" | "sowAll";

/**
 * A look at a bag, and where seed had sprouted what was done with it. Picking out divides the part: the sprouted are sown, the rest
 * stays where it is, and the two hold every seed of before.
 */
export function lookAtBag(
  part: {
    part: string;
    number: number;
    seeds: number;
    sprouted: number;
    sowing?: StandingPart["sowing"];
  },
  look: BagLook,
  action: SproutAction,
  toPlace: string | null,
): EntryPayload[] {
  const check: EntryPayload = { kind: "check", part: part.part, ...look, action: null };
  // seen and not sown yet: the whole bag is due from today
  if (look.sprouted === 0 || action === "notYet") return [check];
  const sprouted = part.sprouted + look.sprouted;
  if (action === "sowAll" || sprouted >= part.seeds) {
    return [check, { ...sown(part), place: toPlace } as EntryPayload];
  }
  const [picked, rest] = [`${part.part}.1`, `${part.part}.2`];
  const pots = plain("pot", `sprouts ${part.number}, ${picked}`);
  return [
    check,
    {
      kind: "split",
      part: part.part,
      children: [
        { part: picked, seeds: sprouted, sprouted, swollen: null },
        { part: rest, seeds: part.seeds - sprouted, sprouted: 0, swollen: null },
      ],
    },
    { ...sown(part), part: picked, place: toPlace, vessel: pots } as EntryPayload,
  ];
}
