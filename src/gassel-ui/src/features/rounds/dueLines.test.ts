import { describe, expect, it } from "vitest";
import type { StandingDue, StandingPart } from "../../api/types";
import { isSaidAbove, looksOf, namesOf } from "./dueLines";
import type { DueLine } from "./dueLines";

const line = (key: string, kind: string, texts: string[]): DueLine => ({
  key,
  part: { hazard: "none" } as StandingPart,
  item: { due: { kind }, cautions: texts.map((text) => ({ topic: text, text })) } as unknown as StandingDue,
});

describe("cautions", () => {
  const lines = [
    line("a", "sow", ["mix"]),
    line("b", "sow", ["mix"]),
    line("c", "sow", ["mix", "dust"]),
    line("d", "checkBag", ["mix"]),
    line("e", "sow", []),
  ];
  it("are said in full once, where no line above says all of them", () => {
    expect(lines.map((_, at) => isSaidAbove(lines, at))).toEqual([false, true, false, false, false]);
  });
});

describe("looks together", () => {
  it("leave out what was recorded already, and one alone is no round", () => {
    const lines = [line("a", "checkBag", []), line("b", "checkBag", []), line("c", "sow", [])];
    expect(looksOf(lines, new Set()).map((look) => look.key)).toEqual(["a", "b"]);
    expect(looksOf(lines, new Set(["a"]))).toEqual([]);
  });
  it("are named, and where there are many, counted", () => {
    const parts = (count: number) =>
      Array.from({ length: count }, (_, i) => ({
        ...line(`${i}`, "checkBag", []),
        part: { number: i + 1, part: i === 1 ? "1a" : "1" } as StandingPart,
      }));
    expect(namesOf(parts(3))).toBe("B-1, B-2 1a, B-3");
    expect(namesOf(parts(7))).toBe("B-1, B-2 1a, B-3, B-4, B-5, B-6, B-7");
    expect(namesOf(parts(60))).toBe("B-1, B-2 1a, B-3, B-4, B-5, B-6 and 54 more");
  });
});
