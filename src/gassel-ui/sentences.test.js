import { readFileSync, writeFileSync } from "node:fs";
import process from "node:process";
import { fileURLToPath, URL } from "node:url";
import { expect, it } from "vitest";
import { interfaceSentences, sentencesOf } from "./sentences.js";

const LISTED = fileURLToPath(new URL("../../docs/sentences.md", import.meta.url));
const BEGIN = "# The interface\n";

it("docs/sentences.md holds all that the interface says; GASSEL_WRITE=1 writes it anew", () => {
  const said = interfaceSentences(fileURLToPath(new URL("./src", import.meta.url)));
  const listed = readFileSync(LISTED, "utf8");
  const at = listed.indexOf(BEGIN);
  if (process.env.GASSEL_WRITE) writeFileSync(LISTED, listed.slice(0, at) + said);
  else expect(listed.slice(at)).toBe(said);
});

it("what is filled in stands in braces, and code is no sentence", () => {
  expect(
    sentencesOf("a.tsx", 'const A = () => <p className="a b">Cover {n} jugs{" "}<b>today</b>.</p>;'),
  ).toEqual(["Cover {n} jugs {…}."]);
  expect(sentencesOf("a.tsx", "const word = `${n} seeds left`;")).toEqual(["{n} seeds left"]);
  expect(sentencesOf("a.tsx", 'import "some thing"; const b = "1px solid {line}";')).toEqual([]);
});
