import { describe, expect, it } from "vitest";
import { adviceWords } from "./adviceWords";

describe("the stopping rule in words", () => {
  it("waits with a number", () => {
    expect(
      adviceWords({
        kind: "wait",
        cutTestFirst: false,
        remaining: { expected: 6.4, probabilityOfAny: 0.99, low: null, high: null },
        working: [],
      }),
    ).toBe("Wait. Next two weeks: about 6 more.");
  });
  it("asks for a cut test before closing", () => {
    const words = adviceWords({
      kind: "close",
      cutTestFirst: true,
      remaining: { expected: 0.01, probabilityOfAny: 0.01, low: null, high: null },
      working: [],
    });
    expect(words).toBe(
      "Little more will come; it can be closed. Next two weeks: hardly any more. Cut a few seeds first: full and firm means alive.",
    );
  });
  it("gives no number where none is known", () => {
    expect(adviceWords({ kind: "wait", cutTestFirst: false, remaining: null, working: [] })).toBe("Wait.");
  });
});
