import { describe, expect, it } from "vitest";
import type { WishStart, WishView } from "../../api/types";
import { mondayOf, weeksOf } from "./weeks";

const wish = (id: string, usual: string, more: Partial<WishView["wish"]> = {}): WishView =>
  ({
    id,
    number: 1,
    plan: { start: { earliest: usual, usual, latest: usual } },
    wish: { pinned: null, isAside: false, ...more },
  }) as unknown as WishView;

const found = (id: string, on: string | null): [string, WishStart] => [id, { id, on } as WishStart];

describe("week by week", () => {
  it("begins a week on Monday", () => {
    expect(mondayOf("2026-11-29")).toBe("2026-11-23");
    expect(mondayOf("2026-11-30")).toBe("2026-11-30");
    expect(mondayOf("1969-12-31")).toBe("1969-12-29");
  });

  it("tells what starts as it was found, else pinned, else on its best day", () => {
    const weeks = weeksOf(
      [
        wish("a", "2026-12-02"),
        wish("b", "2026-12-02"),
        wish("c", "2026-12-02", { pinned: "2026-12-15" }),
        wish("d", "2026-12-02", { isAside: true }),
        wish("e", "2026-12-02"),
      ],
      new Map([found("b", "2026-12-01"), found("e", null)]),
    );
    expect(weeks.map((w) => [w.monday, w.starts.map((s) => s.wish.id)])).toEqual([
      ["2026-11-30", ["b", "a"]],
      ["2026-12-14", ["c"]],
    ]);
  });
});
