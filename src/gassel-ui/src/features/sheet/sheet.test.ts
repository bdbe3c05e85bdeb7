import { describe, expect, it } from "vitest";
import type { StandingDue, StandingPart } from "../../api/types";
import { paperScale, passOf, payloadsOf, unmarked, wantsReading, withPlaceJobs } from "./sheet";
import { tendedAll } from "../rounds/placeJobs";
import type { DueLine } from "../rounds/dueLines";

const part = (number: number, more: Partial<StandingPart> = {}): StandingPart => ({
  batchId: `batch ${number}`,
  number,
  commonName: "balsamroot",
  hazard: "none",
  part: "1",
  seeds: 60,
  plannedSeeds: 60,
  sprouted: 0,
  standing: 0,
  vessel: null,
  step: "coldMoist",
  stepIndex: 0,
  day: 40,
  plannedDays: 84,
  shortestDays: 60,
  sowAllFrom: 6,
  sowAllBefore: 6,
  sproutsTo: "lamp-shelf",
  cold: null,
  warmth: null,
  flowering: null,
  hardening: null,
  plants: null,
  sowing: null,
  laid: null,
  clump: false,
  waiting: 60,
  nextPart: "1a",
  moveTo: null,
  isSown: false,
  symptoms: [],
  cares: [],
  toRead: [],
  due: [],
  ...more,
});

const line = (
  number: number,
  kind: StandingDue["due"]["kind"],
  more: Partial<StandingPart> = {},
): DueLine => ({
  key: `${number}-1-${kind}`,
  part: part(number, more),
  item: {
    due: {
      kind,
      part: "1",
      step: 1,
      dueOn: "2027-03-14",
      openUntil: null,
      lateDays: 0,
      cost: "",
      working: [],
      dueAt: null,
    },
    stepKind: "coldMoist",
    note: null,
    cautions: [],
    toPlace: null,
    setsOut: false,
    optional: false,
  },
});
const done = { ...unmarked, done: true };

describe("the sheet", () => {
  it("records ten bags now with two exceptions", () => {
    const lines = Array.from({ length: 10 }, (_, i) => line(i + 1, "checkBag"));
    const marks = Object.fromEntries(lines.map((l) => [l.key, done]));
    marks["3-1-checkBag"] = { ...done, moisture: "dry" };
    marks["7-1-checkBag"] = { ...done, number: 3 };
    const { batches, settles } = passOf(lines, marks);
    expect(batches.length).toBe(10);
    expect(settles.length).toBe(10);
    expect(batches[0]?.payloads.map((p) => p.kind)).toEqual(["check"]);
    expect(batches[2]?.payloads[0]).toMatchObject({ moisture: "dry", care: ["wetted"] });
    expect(batches[6]?.payloads.map((p) => p.kind)).toEqual(["check", "split", "sown"]);
  });

  it("leaves out what is not ticked, and what lacks its number", () => {
    expect(payloadsOf(line(1, "checkBag"), unmarked)).toBeNull();
    expect(payloadsOf(line(1, "countSeedlings"), done)).toBeNull();
    expect(payloadsOf(line(1, "countSeedlings"), { ...done, number: 0 })).toMatchObject([
      { emerged: 0, lost: 0 },
    ]);
    expect(payloadsOf(line(1, "lookForSwelling"), { ...done, number: 60 })?.map((p) => p.kind)).toEqual([
      "inspected",
    ]);
  });

  it("sows the whole bag from one in ten on", () => {
    const kinds = (number: number) =>
      payloadsOf(line(1, "checkBag"), { ...done, number })?.map((p) => p.kind);
    expect(kinds(5)).toEqual(["check", "split", "sown"]);
    expect(kinds(6)).toEqual(["check", "sown"]);
  });

  it("keeps two things of one batch together", () => {
    const both = [line(1, "checkBag"), { ...line(1, "startStep"), key: "1-1-startStep" }];
    const { batches } = passOf(both, { "1-1-checkBag": done, "1-1-startStep": done });
    expect(batches.map((b) => b.payloads.map((p) => p.kind))).toEqual([["check", "stepStarted"]]);
  });

  it("moves and thins plants by their number, and hardens what ends its hardening", () => {
    expect(payloadsOf(line(1, "prickOut"), done)).toBeNull();
    expect(payloadsOf(line(1, "prickOut"), { ...done, number: 8 })).toMatchObject([
      { kind: "movedOn", from: "seedling", to: "prickedOut", plants: 8 },
    ]);
    expect(payloadsOf(line(1, "thin"), { ...done, number: 3 })).toMatchObject([
      { lost: 3, cause: "thinned" },
    ]);
    expect(payloadsOf(line(1, "plantOut"), { ...done, number: 5 })).toMatchObject([
      { from: "hardened", to: "planted" },
    ]);
    expect(payloadsOf(line(1, "carryOut"), done)).toMatchObject([{ kind: "carriedOut", hours: null }]);
    expect(payloadsOf(line(1, "feed"), done)).toMatchObject([{ kind: "tended", what: "fed" }]);
  });

  it("prints a full day smaller, but never too small to read", () => {
    expect(paperScale(10, 5)).toBe(1);
    expect(paperScale(25, 8)).toBeCloseTo(34 / 41);
    expect(paperScale(200, 9)).toBe(0.7);
  });

  it("ticks off no seed whose caution nobody has read", () => {
    expect(wantsReading(line(1, "startStep", { toRead: ["toxicSeed"] }))).toBe(true);
    expect(wantsReading(line(1, "checkBag", { toRead: ["toxicSeed"] }))).toBe(false);
  });
});

describe("jobs of a place on the sheet", () => {
  const jobs = [
    {
      key: "domes-lamp-shelf",
      name: "Air the domes",
      words: "1 dome",
      hint: null,
      tick: "domes aired",
      entries: tendedAll([{ batch: "batch 1", part: "1" }], "domeAired"),
      button: "Aired",
      late: false,
      working: [],
    },
  ];

  it("a ticked job joins what else its batches record", () => {
    const pass = {
      batches: [{ batch: "batch 1", payloads: [{ kind: "domeOff", part: "2" } as const] }],
      settles: ["x"],
    };
    const all = withPlaceJobs(pass, jobs, { "domes-lamp-shelf": { ...unmarked, done: true } });
    expect(all.batches).toHaveLength(1);
    expect(all.batches[0]?.payloads.map((p) => p.kind)).toEqual(["domeOff", "tended"]);
    expect(all.settles).toEqual(["x", "domes-lamp-shelf"]);
  });

  it("what is not ticked records nothing", () => {
    expect(withPlaceJobs({ batches: [], settles: [] }, jobs, {}).batches).toEqual([]);
  });
});

describe("what was seen, on the sheet", () => {
  it("a tick says that it is gone, a number how tall they are or how many were repotted", () => {
    const tale = {
      what: "aphids",
      firstOn: "2027-03-01",
      lastOn: "2027-03-02",
      course: "seen",
      lost: 0,
      isOpen: true,
    } as const;
    const done = { ...unmarked, done: true };
    expect(payloadsOf(line(1, "lookAgain", { symptoms: [tale] }), done)).toEqual([
      { kind: "symptomSeen", part: "1", what: "aphids", course: "gone" },
    ]);
    expect(payloadsOf(line(1, "takeHeight"), done)).toBeNull();
    expect(payloadsOf(line(1, "repot"), { ...done, number: 12 })?.[0]).toMatchObject({
      from: "potted",
      to: "potted",
      plants: 12,
    });
  });
});
