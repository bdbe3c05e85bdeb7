import { describe, expect, it } from "vitest";
import type { StandingDue, StandingPart } from "../../api/types";
import { looksOf } from "./AllWell";
import { isSaidAbove } from "./dueLines";
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
});
