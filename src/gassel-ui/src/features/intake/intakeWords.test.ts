import { describe, expect, it } from "vitest";
import type { IntakeReport } from "../../api/types";
import { lacking, refusedCsv } from "./intakeWords";

const columns = [
  { name: "species", needed: true, words: "" },
  { name: "note", needed: false, words: "" },
];

describe("a table from a file", () => {
  it("lacks what is needed and stands nowhere", () => {
    expect(lacking({ columns, at: [-1, 0] })).toEqual(["species"]);
    expect(lacking({ columns, at: [2, -1] })).toEqual([]);
  });
  it("gives refused rows back with the reason, safe for a spreadsheet", () => {
    const lines: IntakeReport["lines"] = [
      {
        line: 2,
        cells: ["flax", '=1+1, "x"'],
        verdict: { fate: "refused", column: "species", words: "not here" },
      },
      { line: 3, cells: ["camas", ""], verdict: { fate: "fresh", column: null, words: "" } },
    ];
    expect(refusedCsv({ columns, lines })).toBe('species,note,refused\nflax,"\'=1+1, ""x""",not here\n');
  });
});
