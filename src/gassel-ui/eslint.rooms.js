import path from "node:path";
import { fileURLToPath, URL } from "node:url";

const SOURCE = fileURLToPath(new URL("./src", import.meta.url));

/** The rooms of the interface. Each may know those above it and none below, so no two know each other both ways. */
const ROOMS = [
  "time",
  "look",
  "api",
  "offline",
  "book",
  "shared",
  "drawings",
  "people",
  "record",
  "features/handbook",
  "features/finding",
  "features/told",
  "features/wishes",
  "features/weather",
  "features/seed",
  "features/sowing",
  "features/labels",
  "features/intake",
  "features/learning",
  "features/site",
  "features/places",
  "features/start",
  "features/symptoms",
  "features/messages",
  "features/temperature",
  "features/species",
  "features/plants",
  "features/yard",
  "features/closing",
  "features/trials",
  "features/plan",
  "features/season",
  "features/rounds",
  "features/counting",
  "features/sheet",
  "features/batches",
  "features/workbench",
  "app",
];

/** The room of a file: its folder, and of features the folder within; null where it stands beside them. */
function roomOf(file) {
  const [first, second, third] = path.relative(SOURCE, file).split(path.sep);
  if (second === undefined || first === "..") return null;
  return first === "features" && third !== undefined ? `features/${second}` : first;
}

export const rooms = {
  meta: {
    type: "problem",
    schema: [],
    messages: {
      unknown: "'{{room}}' is not among the rooms of eslint.rooms.js: give it its place there.",
      below: "'{{from}}' may not know '{{to}}': arrows between rooms go one way (eslint.rooms.js).",
    },
  },
  create(context) {
    const from = roomOf(context.filename);
    if (from === null) return {};
    const check = (node, source) => {
      if (typeof source?.value !== "string" || !source.value.startsWith(".")) return;
      const to = roomOf(path.resolve(path.dirname(context.filename), source.value));
      if (to === null || to === from) return;
      const unknown = [from, to].find((room) => !ROOMS.includes(room));
      if (unknown) context.report({ node, messageId: "unknown", data: { room: unknown } });
      else if (ROOMS.indexOf(to) > ROOMS.indexOf(from))
        context.report({ node, messageId: "below", data: { from, to } });
    };
    return {
      ImportDeclaration: (node) => check(node, node.source),
      ImportExpression: (node) => check(node, node.source),
      ExportNamedDeclaration: (node) => check(node, node.source),
      ExportAllDeclaration: (node) => check(node, node.source),
    };
  },
};
