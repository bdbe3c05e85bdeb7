import { describe, expect, it } from "vitest";
import { dark, light } from "./palette";
import type { Palette } from "./palette";
import told from "../../../../docs/look.md?raw";

/** Relative luminance of a colour, WCAG 2.2. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5]
    .map((at) => parseInt(hex.slice(at, at + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [low = 0, high = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}

const colours = (palette: Palette) =>
  Object.entries(palette).filter((entry): entry is [keyof Palette, string] => typeof entry[1] === "string");

describe("the look", () => {
  it("has the contrast of the examples that WCAG 2.2 is commonly explained with", () => {
    expect(contrast("#000000", "#FFFFFF")).toBeCloseTo(21);
    expect(contrast("#777777", "#FFFFFF")).toBeCloseTo(4.48, 2);
  });
  it("is told in docs/look.md as it is", () => {
    for (const [name, value] of colours(light))
      expect(told).toContain(`| ${name} | ${value} | ${String(dark[name])} |`);
  });
  it.each([
    ["light", light],
    ["dark", dark],
  ])("can be read in the %s", (_, palette) => {
    for (const ground of [palette.paper, palette.card, ...Object.values(palette.wash)])
      expect(contrast(palette.ink, ground)).toBeGreaterThanOrEqual(7);
    for (const ground of [palette.paper, palette.card])
      for (const words of [
        palette.ink2,
        palette.slate,
        palette.ochre,
        palette.frost,
        palette.clay,
        palette.alarm,
      ])
        expect(contrast(words, ground)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(palette.onSlate, palette.slate)).toBeGreaterThanOrEqual(4.5);
  });
});
