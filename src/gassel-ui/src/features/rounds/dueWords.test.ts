import { describe, expect, it } from "vitest";
import type { StandingDue } from "../../api/types";
import { dueWords } from "./dueWords";

const item = (
  kind: StandingDue["due"]["kind"],
  dueOn: string,
  stepKind: StandingDue["stepKind"] = "coldMoist",
): StandingDue => ({
  due: { kind, part: "1", step: 0, dueOn, openUntil: null, lateDays: 0, cost: "", working: [], dueAt: null },
  stepKind,
  note: null,
  cautions: [],
  toPlace: null,
  setsOut: false,
  optional: false,
});

describe("what is due", () => {
  it("is told with its lateness", () => {
    expect(dueWords(item("checkBag", "2027-03-12"), "2027-03-14")).toBe("look 2 days overdue");
    expect(dueWords(item("sow", "2027-03-13"), "2027-03-14")).toBe("sow 1 day overdue");
    expect(dueWords(item("countSeedlings", "2027-03-14"), "2027-03-14")).toBe("count today");
    expect(dueWords(item("startStep", "2027-03-16"), "2027-03-14")).toBe("cold-moist Tue 16 Mar");
    // a window to leave the tray is no delay until it is over
    const leave = item("prickOut", "2027-03-01");
    const until = (openUntil: string) => ({ ...leave, due: { ...leave.due, openUntil } });
    expect(dueWords(until("2027-03-20"), "2027-03-14")).toBe("prick out since Mon 1 Mar");
    expect(dueWords(until("2027-03-12"), "2027-03-14")).toBe("prick out 2 days overdue");
    // sleepers are waited for, and nothing about it is late
    expect(dueWords(item("lookForReturn", "2027-03-12"), "2027-03-14")).toBe("up again? since Fri 12 Mar");
  });
});
