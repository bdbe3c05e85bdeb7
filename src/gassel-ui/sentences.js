// Every text of the interface that a person may read, as its template; what is filled in stands in braces.
import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";

const SAID = /\p{L}{2,}[,.;:]? (\p{L}|\{|\d)|\} \p{L}{2,}|^\p{Lu}\p{Ll}+…?$/u;
/** Styles, paths and the like, which no one reads. */
const CODE =
  /[;{]\s*[\w-]+:|^M[\d ]|px |@media|@page|^& |\dfr\b|[[(](readonly|contenteditable|name:|prefers|max-width)|sans-serif/;
const OF_THE_CODE = new Set([
  "className",
  "data-testid",
  "d",
  "transform",
  "sx",
  "to",
  "path",
  "key",
  "id",
  "viewBox",
]);

const tidy = (text) => text.replace(/\s+/g, " ").trim();

const hole = (node, file) => `{${tidy(node.getText(file))}}`;

/** The words of an element with those of its inline children. */
function children(node, file) {
  return node.children
    .map((c) => {
      if (ts.isJsxText(c)) return c.text.replace(/\s+/g, " ");
      if (ts.isJsxExpression(c)) {
        if (!c.expression) return "";
        return ts.isStringLiteralLike(c.expression) ? c.expression.text : hole(c.expression, file);
      }
      return "{…}";
    })
    .join("");
}

function template(node, file) {
  if (ts.isJsxElement(node) || ts.isJsxFragment(node))
    return node.children.some((c) => ts.isJsxText(c) && tidy(c.text)) ? children(node, file) : null;
  if (ts.isStringLiteralLike(node)) {
    const parent = node.parent;
    if (ts.isImportDeclaration(parent) || ts.isLiteralTypeNode(parent)) return null;
    if (ts.isJsxAttribute(parent) && OF_THE_CODE.has(parent.name.getText(file))) return null;
    return node.text;
  }
  if (ts.isTemplateExpression(node))
    return node.head.text + node.templateSpans.map((s) => hole(s.expression, file) + s.literal.text).join("");
  return null;
}

/** The templates of one file, in the order of its code; what lies in a hole is shown there alone. */
export function sentencesOf(name, code) {
  const file = ts.createSourceFile(name, code, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const said = new Set();
  const walk = (node) => {
    const text = template(node, file);
    if (text !== null && SAID.test(tidy(text)) && !CODE.test(text.replace(/\{[^}]*\}/g, "")))
      said.add(tidy(text));
    ts.forEachChild(node, walk);
  };
  walk(file);
  return [...said];
}

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((e) => {
    const path = join(folder, e.name);
    if (e.isDirectory()) return e.name === "api" ? [] : filesIn(path);
    return /\.tsx?$/.test(e.name) && !/\.test\.tsx?$/.test(e.name) ? [path] : [];
  });
}

/** The second half of docs/sentences.md. */
export function interfaceSentences(src) {
  const rooms = new Map();
  for (const path of filesIn(src).sort()) {
    const at = relative(src, path);
    const lines = sentencesOf(path, readFileSync(path, "utf8")).map(
      (s) =>
        `- ${s} *(${at
          .split("/")
          .at(-1)
          .replace(/\.tsx?$/, "")})*\n`,
    );
    const room = at.split("/").slice(0, -1).join("/") || "src";
    if (lines.length) rooms.set(room, [...(rooms.get(room) ?? []), ...lines]);
  }
  return `# The interface\n\n${[...rooms].map(([room, lines]) => `## ${room}\n\n${lines.join("")}`).join("\n")}`;
}
