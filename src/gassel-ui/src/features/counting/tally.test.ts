import { describe, expect, it } from "vitest";
import type { CountTray } from "../../api/types";
import {
  aboveEstimate,
  countsOf,
  move,
  reading,
  rubOut,
  startTally,
  swapField,
  touch,
  typeDigit,
} from "./tally";
import type { Tally } from "./tally";

const grid = { columns: 12, cells: 72, rows: 6 };

const tray = (more: Partial<CountTray> = {}): CountTray => ({
  batchId: "a",
  number: 1,
  commonName: "globemallow",
  part: "1",
  vessel: null,
  placeName: "Lamp shelf",
  sownOn: "2027-03-01",
  shortestDays: 5,
  longestDays: 20,
  grid,
  cells: null,
  seedsPerCell: null,
  byCell: [],
  isByCell: true,
  others: [],
  estimatePercent: null,
  countsRoots: false,
  isDomed: false,
  seeds: 72,
  emerged: 60,
  lost: 0,
  rooted: 0,
  standing: 60,
  due: null,
  counts: [],
  blind: null,
  ...more,
});

const typed = (tally: Tally, digits: string) => [...digits].reduce(typeDigit, tally);

describe("a count of a whole tray", () => {
  it("reads the digits and takes them back", () => {
    expect(reading(startTally("tray"))).toBeNull();
    expect(reading(typed(startTally("tray"), "14"))).toEqual({ emerged: 14, lost: 0, rooted: 0 });
    expect(reading(rubOut(typed(startTally("tray"), "14")))).toEqual({ emerged: 1, lost: 0, rooted: 0 });
    expect(reading(typed(startTally("tray"), "007"))).toEqual({ emerged: 7, lost: 0, rooted: 0 });
    expect(reading(typed(startTally("tray"), "12345678"))?.emerged).toBe(123456);
  });

  it("counts losses beside new seedlings, with their cause", () => {
    const tally = typed(swapField(typed(startTally("tray"), "5")), "2");
    expect(countsOf(tray(), tally, "eaten")).toEqual([
      {
        batch: "a",
        payloads: [{ kind: "count", part: "1", emerged: 5, lost: 2, cause: "eaten", rooted: 0, spots: null }],
      },
    ]);
  });

  it("names no cause where nothing was lost", () => {
    expect(countsOf(tray(), typed(startTally("tray"), "5"), "eaten")[0]?.payloads[0]).toMatchObject({
      cause: "unknown",
    });
  });

  it("asks to raise an estimate and never a counted number", () => {
    const tally = typed(startTally("tray"), "13");
    expect(aboveEstimate(tray(), tally)).toBeNull();
    expect(aboveEstimate(tray({ estimatePercent: 20 }), tally)).toBe(73);
    const raised = countsOf(tray({ estimatePercent: 20 }), tally, "unknown", { seeds: 80, percent: 10 });
    expect(raised[0]?.payloads.map((p) => p.kind)).toEqual(["estimated", "count"]);
  });
});

describe("a count by rows", () => {
  it("moves up and down and adds up", () => {
    let tally = typed(startTally("row"), "3");
    tally = typed(move(tally, "ArrowDown", grid), "4");
    expect(move(tally, "ArrowLeft", grid).at).toBe(2);
    expect(countsOf(tray(), tally, "unknown")[0]?.payloads[0]).toMatchObject({
      emerged: 7,
      spots: [
        { row: 1, cell: null, emerged: 3, lost: 0 },
        { row: 2, cell: null, emerged: 4, lost: 0 },
      ],
    });
  });
});

describe("a count by cells", () => {
  it("adds one at each touch, and the keys go where the finger was", () => {
    let tally = touch(touch(startTally("cell"), 5), 5);
    tally = typed(move(tally, "ArrowRight", grid), "3");
    expect(tally.at).toBe(6);
    expect(countsOf(tray(), tally, "unknown")[0]?.payloads[0]).toMatchObject({
      emerged: 5,
      spots: [
        { cell: 5, row: null, emerged: 2, lost: 0 },
        { cell: 6, row: null, emerged: 3, lost: 0 },
      ],
    });
  });

  it("goes to whom the cells belong, and to those with nothing new as a look", () => {
    const shared = tray({
      cells: [1, 2],
      others: [
        {
          batchId: "b",
          number: 2,
          commonName: "x",
          part: "1",
          cells: [3, 4],
          byCell: [],
          seeds: 2,
          standing: 0,
        },
        {
          batchId: "c",
          number: 3,
          commonName: "y",
          part: "1",
          cells: [5, 6],
          byCell: [],
          seeds: 2,
          standing: 0,
        },
      ],
    });
    const tally = touch(touch(touch(startTally("cell"), 2), 3), 4);
    const counts = countsOf(shared, tally, "unknown");
    expect(counts.map((c) => [c.batch, c.payloads[0]])).toMatchObject([
      ["a", { emerged: 1, spots: [{ cell: 2 }] }],
      ["b", { emerged: 2, spots: [{ cell: 3 }, { cell: 4 }] }],
      ["c", { emerged: 0, spots: [] }],
    ]);
  });

  it("raises an estimate by its own cells alone", () => {
    const shared = tray({
      seeds: 60,
      estimatePercent: 20,
      cells: [1],
      others: [
        {
          batchId: "b",
          number: 2,
          commonName: "x",
          part: "1",
          cells: [2],
          byCell: [],
          seeds: 2,
          standing: 0,
        },
      ],
    });
    expect(aboveEstimate(shared, touch(startTally("cell"), 2))).toBeNull();
    expect(aboveEstimate(shared, touch(startTally("cell"), 1))).toBe(61);
  });

  it("puts parts of one batch into one recording", () => {
    const shared = tray({
      cells: [1],
      others: [
        {
          batchId: "a",
          number: 1,
          commonName: "x",
          part: "2",
          cells: [2],
          byCell: [],
          seeds: 2,
          standing: 0,
        },
      ],
    });
    expect(countsOf(shared, touch(startTally("cell"), 2), "unknown")).toHaveLength(1);
  });
});
