import { describe, expect, it } from "vitest";

const drawings = import.meta.glob<string>(["./*.tsx", "../features/**/*.tsx"], {
  query: "?raw",
  import: "default",
  eager: true,
});

describe("drawings and views", () => {
  it("write no unit of temperature themselves: it hangs on the grower's units", () => {
    const written = Object.entries(drawings)
      .filter(([, source]) => /\} (K|°C|°F)\b/.test(source.replace(/W\/\(m²·K\)/g, "")))
      .map(([file]) => file);
    expect(Object.keys(drawings).length).toBeGreaterThan(50);
    expect(written).toEqual([]);
  });
});
