import { describe, expect, it } from "vitest";
import type { ContainerBrief, YardAlert, YardView } from "../../api/types";
import { byBatch, coldWords, reasonsOf, spread, upWords, yardHeadline } from "./yardWords";

const brief = (more: Partial<ContainerBrief>): ContainerBrief =>
  ({
    batchId: "b",
    part: "1",
    label: "jug 1",
    seeds: 20,
    emerged: 0,
    standing: 0,
    shelter: "none",
    state: "chilling",
    cold: 40,
    coldNeed: 42,
    coldUsual: 60,
    coldMetOn: "2027-03-20",
    emergence: { first: "2027-04-02", half: "2027-04-10", most: "2027-04-20" },
    firstUpOn: null,
    withheld: null,
    ...more,
  }) as ContainerBrief;

const today = "2027-03-14";

describe("the yard in words", () => {
  it("heads the page with what stands there", () => {
    const yard = (containers: ContainerBrief[]): YardView =>
      ({ spots: [{ containers }] }) as unknown as YardView;
    expect(yardHeadline(yard([]))).toBe("Nothing is out in the yard");
    expect(yardHeadline(yard([brief({ standing: 3 }), brief({ state: "frozen", shelter: "covered" })]))).toBe(
      "2 containers out: 1 with seedlings, 1 frozen, 1 sheltered",
    );
  });

  it("tells cold that is enough, will be, and never is", () => {
    expect(coldWords(brief({}), today)).toBe(
      "40 days of cold of at least 42, usually 60; enough about 20 Mar.",
    );
    expect(coldWords(brief({ coldMetOn: "2027-02-07" }), today)).toContain("enough since 7 Feb");
    expect(coldWords(brief({ coldMetOn: null }), today)).toContain("not enough before the warmth");
    // why nothing is said stands on the page once already
    expect(coldWords(brief({ cold: null, withheld: "No weather." }), today)).toBeNull();
  });

  it("sets what was seen beside what the model said", () => {
    expect(upWords(brief({}), today)).toBe(
      "0 of 20 seeds up, 0 seedlings now. First expected 2 Apr, nearly all by 20 Apr.",
    );
    expect(upWords(brief({ firstUpOn: "2027-03-09", emerged: 1, standing: 1 }), today)).toBe(
      "1 of 20 seeds up, 1 seedling now. First seen Tue 9 Mar. The model said 2 Apr, nearly all by 20 Apr.",
    );
    expect(upWords(brief({ emergence: null }), today)).toBe("0 of 20 seeds up, 0 seedlings now.");
  });

  it("tells one reason once", () => {
    const alert = {
      containers: ["a", "b", "c"].map((label) => ({
        label,
        warning: { reason: label === "c" ? "wet" : "dry" },
      })),
    } as unknown as YardAlert;
    expect(reasonsOf(alert)).toEqual([
      { reason: "dry", labels: ["a", "b"] },
      { reason: "wet", labels: ["c"] },
    ]);
  });

  it("gathers containers by batch", () => {
    const batches = byBatch([brief({}), brief({ part: "2" }), brief({ batchId: "c" })]);
    expect([...batches].map(([batch, parts]) => [batch, parts.length])).toEqual([
      ["b", 2],
      ["c", 1],
    ]);
  });

  it("spreads every seed", () => {
    expect(spread(50, 3)).toEqual([17, 17, 16]);
    expect(spread(5, 1)).toEqual([5]);
  });
});
