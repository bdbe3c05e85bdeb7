import { describe, expect, it } from "vitest";
import { addDays } from "../../time/days";
import { dailyOf, readDraft, variants, writeDraft } from "./simulator";

const draft = readDraft(new URLSearchParams());

describe("the simulator's inputs", () => {
  it("come back from the address as they were", () => {
    const asked = {
      ...draft,
      preset: "tub6" as const,
      cap: "on" as const,
      minC: -6.5,
      snowCm: 12,
      on: "01-20",
    };
    expect(readDraft(new URLSearchParams(writeDraft(asked)))).toEqual(asked);
  });

  it("take what makes no sense as usual", () => {
    expect(readDraft(new URLSearchParams("container=teapot&cap=ajar&minC=cold&on=March"))).toEqual(draft);
  });

  it("offer each change that changes something", () => {
    const names = variants({ ...draft, cap: "off", exposure: "eaves" }, "metric").map((v) => v.name);
    expect(names[0]).toBe("as it is");
    expect(names).toContain("cap on");
    expect(names).not.toContain("cap off");
    expect(names).not.toContain("under eaves");
  });

  it("repeat one day until it no longer hangs on its beginning", () => {
    const days = dailyOf({ ...draft, on: "12-29" }, addDays);
    expect(days).toHaveLength(8);
    expect(days.at(-1)?.date).toBe("2028-01-05");
  });
});
