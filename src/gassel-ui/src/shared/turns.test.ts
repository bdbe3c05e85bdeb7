import { describe, expect, it } from "vitest";
import { turns } from "./turns";

describe("questions that overlap", () => {
  it("count the answer to the last one, in whichever order they arrive", async () => {
    const asking = turns();
    const shown: string[] = [];
    const ask = async (name: string, answer: Promise<void>) => {
      const isNewest = asking.begin();
      await answer;
      if (isNewest()) shown.push(name);
    };
    let answerFirst: () => void = () => undefined;
    const slow = ask("first", new Promise<void>((resolve) => (answerFirst = resolve)));
    await ask("second", Promise.resolve());
    answerFirst();
    await slow;
    expect(shown).toEqual(["second"]);
  });
});
