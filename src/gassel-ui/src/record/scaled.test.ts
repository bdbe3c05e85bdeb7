import { expect, test } from "vitest";
import { fitting } from "./scaled";

test("a picture keeps its shape, is never enlarged and never larger than 1600", () => {
  expect(fitting(4000, 3000)).toEqual({ width: 1600, height: 1200 });
  expect(fitting(3000, 4000)).toEqual({ width: 1200, height: 1600 });
  expect(fitting(800, 600)).toEqual({ width: 800, height: 600 });
  expect(fitting(8000, 1)).toEqual({ width: 1600, height: 1 });
});
