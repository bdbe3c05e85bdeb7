/** A town with where it lies and its time zone. */
export interface Town {
  name: string;
  /** State or province; empty where it has none in letters. */
  state: string;
  country: string;
  latitude: number;
  longitude: number;
  timeZone: string;
}

export interface Towns {
  zones: string[];
  /** As they stand in the file, the largest first. */
  lines: string[];
  /** The names without accents, small, in the same order. */
  plain: string[];
}

/** Towns that are offered at once. */
const MOST = 8;

const plain = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();

/** Takes the file apart (see towns.plugin.js). */
export function readTowns(text: string): Towns {
  const [zones = "", ...lines] = text.split("\n");
  return {
    zones: zones.split("\t"),
    lines,
    plain: lines.map((line) => plain(line.slice(0, line.indexOf("\t")))),
  };
}

function townOf(line: string, zones: string[]): Town {
  const [name = "", state = "", country = "", latitude, longitude, zone] = line.split("\t");
  return {
    name,
    state,
    country,
    latitude: Number(latitude),
    longitude: Number(longitude),
    timeZone: zones[Number(zone)] ?? "",
  };
}

/** The largest towns whose name begins so; after a comma a state or country may stand. */
export function findTowns({ zones, lines, plain: names }: Towns, text: string): Town[] {
  const [name = "", ...more] = plain(text)
    .split(",")
    .map((word) => word.trim());
  if (name.length < 2) return [];
  const found: Town[] = [];
  for (let i = 0; i < names.length && found.length < MOST; i++) {
    if (!names[i]?.startsWith(name)) continue;
    const town = townOf(lines[i] ?? "", zones);
    const rest = [plain(town.state), plain(town.country)];
    if (more.every((word) => word === "" || rest.some((r) => r.startsWith(word)))) found.push(town);
  }
  return found;
}

/** `Missoula, MT, United States`. */
export const townWords = ({ name, state, country }: Town): string =>
  [name, state, country].filter(Boolean).join(", ");

const hemisphere = (degrees: number, [above, below]: readonly [string, string]): string =>
  `${Math.abs(degrees).toFixed(1)}° ${degrees < 0 ? below : above}`;

/** `46.9° N, 114.0° W`. */
export const positionWords = (latitude: number, longitude: number | null): string =>
  [hemisphere(latitude, ["N", "S"]), longitude === null ? "" : hemisphere(longitude, ["E", "W"])]
    .filter(Boolean)
    .join(", ");
