import { describe, expect, it } from "vitest";
import type { CountTray } from "../../api/types";
import { after, holders, inTray, resting, roundOf } from "./round";

const tray = (number: number, label: string, others: number[] = [], standing = 4): CountTray =>
  ({
    number,
    vessel: { label },
    standing,
    seeds: 36,
    others: others.map((n) => ({ number: n, standing: 10, seeds: 36 })),
  }) as unknown as CountTray;

describe("a counting round", () => {
  it("meets a shared tray once", () => {
    const round = roundOf([
      tray(1, "tray 1"),
      tray(25, "T-1", [26]),
      tray(26, "t-1 ", [25]),
      tray(2, "tray 1"),
    ]);
    expect(round.map((t) => t.number)).toEqual([1, 25, 2]);
  });

  it("leads on to what still waits today, else to the next", () => {
    const due = (n: number, dueOn: string | null) =>
      ({ ...tray(n, `tray ${n}`), due: dueOn === null ? null : { due: { dueOn } } }) as CountTray;
    const [a, b, c] = [due(1, "2027-03-16"), due(2, "2027-03-14"), due(3, null)];
    expect(after([a, b, c], a, "2027-03-14")).toBe(b);
    expect(after([a, b, c], b, "2027-03-14")).toBe(c);
    expect(after([a], a, "2027-03-14")).toBe(a);
  });

  it("names all whose seed a tray holds and adds up what stands in it", () => {
    expect(holders(tray(26, "T-1", [25, 27]))).toBe("B-25, B-26, B-27");
    expect(inTray(tray(26, "T-1", [25]))).toEqual({ standing: 14, seeds: 72 });
  });

  it("tells seedlings that grow on from seed that lies", () => {
    expect(resting(tray(1, "jug", [], 0))).toBe("nothing expected yet");
    expect(resting(tray(1, "jug"))).toBe("growing on");
  });
});
