import { VIEWS } from "./views";

/** A view as it is reached. */
interface Room {
  path: string;
  name: string;
}

/** One of the five ways in, with the views behind it; the first is where it opens. */
export interface Door {
  name: string;
  rooms: readonly Room[];
}

const named = (path: string): Room => ({ path, name: VIEWS.find((v) => v.path === path)?.name ?? path });

/** In the order of the work. */
export const DOORS: readonly Door[] = [
  { name: "Today", rooms: [named("/"), named("/count"), named("/yard")] },
  {
    name: "Season",
    rooms: [
      named("/season"),
      { path: "/season/wishes", name: "Wishes" },
      named("/plan"),
      { path: "/season/books", name: "Books" },
    ],
  },
  { name: "Batches", rooms: [named("/batches"), named("/trials"), { path: "/labels", name: "Labels" }] },
  { name: "Seed & species", rooms: [named("/seed"), named("/species")] },
  { name: "Workbench", rooms: [named("/workbench")] },
];

/** Settings and people: a door of their own, in the menu. */
const SITE: Door = { name: "Site", rooms: [named("/site")] };

/** Views that are reached from others, by how their addresses begin. */
const BEHIND: readonly (readonly [string, string])[] = [
  ["/sheet", "/"],
  ["/season/years", "/season/books"],
  ["/b/", "/batches"],
  ["/l/", "/batches"],
];

const under = (path: string, room: string) => path === room || (room !== "/" && path.startsWith(`${room}/`));

/** The view that an address belongs to: the longest address of a view that it begins with. */
export function roomOf(pathname: string): string | null {
  const behind = BEHIND.find(([begins]) => pathname === begins || pathname.startsWith(begins));
  if (behind) return behind[1];
  const rooms = [...DOORS, SITE].flatMap((door) => door.rooms.map((room) => room.path));
  return rooms
    .filter((room) => under(pathname, room))
    .reduce<string | null>((best, room) => (best === null || room.length > best.length ? room : best), null);
}

/** The door behind which an address lies; null for one that leads nowhere. */
export const doorOf = (pathname: string): Door | null => {
  const room = roomOf(pathname);
  return [...DOORS, SITE].find((door) => door.rooms.some((r) => r.path === room)) ?? null;
};
