import type { GivenStep, LotDetails, SeedLot } from "../../api/types";
import type { Day } from "../../time/days";

/** A germination test while it is written. */
export interface TestInHand {
  key: number;
  germinated: number | null;
  seeds: number | null;
  on: Day | null;
  /** Dormancy-breaking steps that the seed had; null where it was told only as the route's treatment. */
  given: GivenStep[] | null;
}

/** A lot while it is written: numbers may be missing. */
export interface LotInHand {
  speciesId: string;
  gatheredAt: string;
  gatheredOn: Day | null;
  source: SeedLot["source"];
  byWeight: boolean;
  counted: number | null;
  grams: number | null;
  seedsPerGram: number | null;
  purityPercent: number | null;
  storage: SeedLot["storage"];
  cleaning: string;
  latitude: number | null;
  longitude: number | null;
  elevationM: number | null;
  permission: string;
  parent: string;
  expectedPercent: number | null;
  printedPercent: number | null;
  packedFor: number | null;
  price: number | null;
  full: number | null;
  empty: number | null;
  rotten: number | null;
  tests: TestInHand[];
  note: string;
}

export function lotInHand(details: LotDetails | undefined): LotInHand {
  const lot = details?.lot;
  return {
    speciesId: details?.speciesId ?? "",
    gatheredAt: lot?.gatheredAt ?? "",
    gatheredOn: lot?.gatheredOn ?? null,
    source: lot?.source ?? "wildCollected",
    byWeight: lot?.weight != null,
    counted: lot?.counted ?? null,
    grams: lot?.weight?.grams ?? null,
    seedsPerGram: lot?.weight?.seedsPerGram ?? null,
    purityPercent: lot?.weight ? lot.weight.purity * 100 : 95,
    storage: lot?.storage ?? "roomDry",
    cleaning: lot?.cleaning ?? "",
    latitude: lot?.latitude ?? null,
    longitude: lot?.longitude ?? null,
    elevationM: lot?.elevationM ?? null,
    permission: lot?.permission ?? "",
    parent: lot?.parent ?? "",
    expectedPercent: lot?.assumedFraction == null ? null : lot.assumedFraction * 100,
    printedPercent: lot?.printedFraction == null ? null : lot.printedFraction * 100,
    packedFor: lot?.packedFor ?? null,
    price: lot?.price ?? null,
    full: lot?.cutTest?.full ?? null,
    empty: lot?.cutTest?.empty ?? null,
    rotten: lot?.cutTest?.rotten ?? null,
    tests: (lot?.tests ?? []).map((test, key) => ({
      key,
      germinated: test.germinated,
      seeds: test.seeds,
      on: test.on ?? null,
      given: test.given ?? null,
    })),
    note: lot?.note ?? "",
  };
}

const words = (text: string): string | null => text.trim() || null;

/** The harvest of a packet is the server's to say; it wants a day all the same. */
const packetDay = (year: number): Day => `${year - 1}-09-15`;

/** What to send, or all that is still missing. */
export function toLot(hand: LotInHand): { lot: LotDetails } | { missing: string[] } {
  const missing: string[] = [];
  const bought = hand.source === "cleanedBought";
  if (!hand.speciesId) missing.push("the species");
  if (!bought && !hand.gatheredAt.trim()) missing.push("where it was gathered");
  const gatheredOn = bought && hand.packedFor !== null ? packetDay(hand.packedFor) : hand.gatheredOn;
  if (!gatheredOn) missing.push(bought ? "the year it was packed for" : "when it was gathered");
  const { grams, seedsPerGram, purityPercent } = hand;
  let amount: Pick<SeedLot, "counted" | "weight"> = { counted: hand.counted, weight: null };
  if (hand.byWeight) {
    if (grams === null || seedsPerGram === null || purityPercent === null) missing.push("the weight");
    else
      amount = {
        counted: null,
        weight: { grams, seedsPerGram, purity: purityPercent / 100 } as NonNullable<SeedLot["weight"]>,
      };
  } else if (hand.counted === null) missing.push("how many seeds");
  const tests: NonNullable<SeedLot["tests"]> = [];
  for (const test of hand.tests) {
    if (test.germinated === null || test.seeds === null) missing.push("a number of a test");
    else tests.push({ germinated: test.germinated, seeds: test.seeds, on: test.on, given: test.given });
  }
  if (missing.length > 0 || !gatheredOn) return { missing };
  const { full, empty, rotten } = hand;
  const cut = full === null && empty === null && rotten === null ? null : { full, empty, rotten };
  const lot = {
    ...amount,
    gatheredAt: hand.gatheredAt.trim(),
    gatheredOn,
    source: hand.source,
    storage: hand.storage,
    cleaning: words(hand.cleaning),
    latitude: hand.latitude,
    longitude: hand.longitude,
    elevationM: hand.elevationM,
    permission: words(hand.permission),
    parent: words(hand.parent),
    assumedFraction: hand.expectedPercent === null ? null : hand.expectedPercent / 100,
    printedFraction: !bought || hand.printedPercent === null ? null : hand.printedPercent / 100,
    packedFor: bought ? hand.packedFor : null,
    price: hand.price,
    cutTest: cut && { full: cut.full ?? 0, empty: cut.empty ?? 0, rotten: cut.rotten ?? 0 },
    tests,
    note: words(hand.note),
  };
  return { lot: { speciesId: hand.speciesId, lot: lot as SeedLot } };
}
