import MiniSearch from "minisearch";
import type { Findable } from "../../api/types";

/** Found things shown at most. */
const MOST = 20;

/** Half as much weight to what was last touched so many days before the newest. */
const STALE_DAYS = 480;

/** Something that can be found; a view of the program is one too, and what can be done there. */
export interface Found {
  id: string;
  kind: Findable["kind"] | "view" | "command";
  title: string;
  more: string;
  path: string;
  on: string | null;
}

const day = (on: string) => Date.parse(on) / 86_400_000;

/** Words and numbers apart, so that B-12 is found by 12 and by b12. */
const words = (text: string) => text.toLowerCase().match(/\p{L}+|\d+/gu) ?? [];

/** Finds by the beginnings of words and with a letter wrong; of what fits as well, the newest first. */
export function makeFinder(all: Found[]): (text: string) => Found[] {
  const byId = new Map(all.map((one) => [one.id, one]));
  const newest = Math.max(...all.map((one) => (one.on === null ? 0 : day(one.on))), 0);
  const index = new MiniSearch<Found>({
    fields: ["title", "more"],
    tokenize: words,
    searchOptions: {
      boost: { title: 2 },
      prefix: true,
      // a number is meant as it is typed
      fuzzy: (term) => (/\d/.test(term) || term.length < 4 ? false : 0.25),
      combineWith: "AND",
      boostDocument: (id) => {
        const on = byId.get(id as string)?.on;
        return on ? 0.5 ** ((newest - day(on)) / STALE_DAYS) : 1;
      },
    },
  });
  index.addAll(all);
  const recent = [...all]
    .filter((one) => one.on !== null)
    .sort((a, b) => (b.on ?? "").localeCompare(a.on ?? ""));
  return (text) => {
    if (words(text).length === 0) return recent.filter((one) => one.kind === "batch").slice(0, MOST);
    return index
      .search(text)
      .slice(0, MOST)
      .flatMap((hit) => byId.get(hit.id as string) ?? []);
  };
}
