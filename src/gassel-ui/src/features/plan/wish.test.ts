import { describe, expect, it } from "vitest";
import type { FrostDay, SiteView } from "../../api/types";
import { dayIn, firstWish, toRequest } from "./wish";

const today = "2027-03-14";
const days: FrostDay[] = [
  { kind: "lastFrostUsual", monthDay: "05-08", words: "half" },
  { kind: "lastFrostSafe", monthDay: "05-24", words: "one in ten" },
  { kind: "groundFreeze", monthDay: "11-25", words: "by the air" },
];
const planning: SiteView["planning"] = {
  survival: { toPot: 0.8, toHardened: 0.97, toPlanted: 0.975, total: 0.7566, words: "" },
  confidence: 0.85,
  wholeContainerLoss: 0.2,
  containers: 4,
  weeksBeforeFreeze: 6,
};
const wish = {
  ...firstWish({ nextLastFrost: "2027-05-08", frostDays: days, planning }),
  speciesId: "balsamroot",
};
const ask = (part: Partial<typeof wish>) => toRequest({ ...wish, ...part }, 1, "r", today, days);

describe("the wish", () => {
  it("is measured from the usual last frost at first", () => {
    expect(ask({})).toMatchObject({
      target: "sow",
      lastFrost: "2027-05-08",
      weeksFromLastFrost: -6,
      date: null,
      second: null,
    });
  });
  it("begins with what the core assumes", () => {
    expect(wish).toMatchObject({ toPlanted: 97.5, confidencePercent: 85, lossPercent: 20, containers: 4 });
    expect(ask({})).toMatchObject({
      stages: { toPot: 0.8, toPlanted: 0.975 },
      confidence: 0.85,
      wholeContainerLoss: 0.2,
    });
  });
  it("is measured from a safer day, a later year or a day of one's own", () => {
    expect(ask({ aim: "plantsByFrost", weeks: 2, from: "lastFrostSafe", year: 2029 })).toMatchObject({
      target: "plantOut",
      lastFrost: "2029-05-24",
      weeksFromLastFrost: 2,
    });
    expect(ask({ from: "own", frost: "2027-04-30" })?.lastFrost).toBe("2027-04-30");
    expect(dayIn(2027, "02-29")).toBe("2027-02-28");
    expect(dayIn(2028, "02-29")).toBe("2028-02-29");
  });
  it("is planting in autumn so many weeks before the ground freezes", () => {
    expect(ask({ aim: "plantsBeforeFreeze", year: 2028 })).toMatchObject({
      target: "plantOut",
      groundFreeze: "2028-11-25",
      weeksBeforeFreeze: 6,
      lastFrost: null,
    });
  });
  it("is a day, or today, where it says so", () => {
    expect(ask({ aim: "startToday" })).toMatchObject({ target: "start", date: today, lastFrost: null });
    expect(ask({ aim: "plantsOn", date: "2028-09-20" })).toMatchObject({
      target: "plantOut",
      date: "2028-09-20",
      routeId: "r",
    });
  });
  it("is sown in cells, and twice, where it says so", () => {
    expect(ask({ sown: "clump", secondWeeks: 3, firstSharePercent: 60 })).toMatchObject({
      seedsPerCell: 6,
      practice: "divide",
      second: { weeksLater: 3, firstShare: 0.6 },
    });
  });
  it("asks nothing while a field is unread", () => {
    expect(ask({ plants: null })).toBeNull();
    expect(ask({ weeks: null })).toBeNull();
    expect(ask({ year: null })).toBeNull();
    expect(ask({ aim: "sowOn" })).toBeNull();
    expect(ask({ toPot: null })).toBeNull();
  });
});
