import { fileURLToPath, URL } from "node:url";
import { Linter } from "eslint";
import { describe, expect, it } from "vitest";
import { rooms } from "./eslint.rooms.js";

const said = (file, code) =>
  new Linter({ cwd: fileURLToPath(new URL(".", import.meta.url)) })
    .verify(code, [{ plugins: { gassel: { rules: { rooms } } }, rules: { "gassel/rooms": "error" } }], {
      filename: fileURLToPath(new URL(`./src/${file}`, import.meta.url)),
    })
    .map((message) => message.message);

describe("the rooms of the interface", () => {
  it("let arrows go one way", () => {
    expect(said("features/yard/Yard.js", 'import { Card } from "../../shared/Card";')).toEqual([]);
    expect(said("app/App.js", 'const Yard = () => import("../features/yard/Yard");')).toEqual([]);
  });

  it("refuse a circle that is put in on purpose", () => {
    const way = "arrows between rooms go one way (eslint.rooms.js).";
    expect(said("shared/Card.js", 'import { Yard } from "../features/yard/Yard";')).toEqual([
      `'shared' may not know 'features/yard': ${way}`,
    ]);
    expect(said("features/yard/Yard.js", 'export { Rounds } from "../rounds/Rounds";')).toEqual([
      `'features/yard' may not know 'features/rounds': ${way}`,
    ]);
    expect(said("drawings/PlantFlow.js", 'const words = import("../app/words");')).toEqual([
      `'drawings' may not know 'app': ${way}`,
    ]);
  });

  it("want a place for a new one", () => {
    expect(said("shared/Card.js", 'import { x } from "../cellar/x";')).toEqual([
      "'cellar' is not among the rooms of eslint.rooms.js: give it its place there.",
    ]);
  });
});
