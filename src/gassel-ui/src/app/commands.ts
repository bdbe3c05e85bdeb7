import { VIEWS } from "./views";

/** What can be begun from the search field: what it is called, what else one would type for it, and where it is done. */
const COMMANDS = [
  ["Begin: where, frost, places", "first hour, start, set up", "/start"],
  ["Plan a batch", "new sowing, count back from a date", "/plan"],
  ["Enter a lot of seed", "new seed, harvest, packet", "/seed?new=any"],
  ["Add batches already in progress", "fridge, stratifying, told", "/batches/told"],
  ["Print labels", "tags, stickers, code", "/labels"],
  ["Print job sheet", "paper, list of today, enter in one pass", "/sheet"],
  ["Count the yard", "containers, winter sown", "/count?where=yard"],
  ["Wishes for the season", "orders, list, room, shopping, supplies", "/season/wishes"],
  ["Books of the season", "results, close, next season", "/season/books"],
  ["Lay out a trial", "compare treatments, arms, random", "/trials/new"],
  ["Add a species", "new plant, library", "/species/new"],
  ["Enter the forecast", "weather, frost, service", "/site/forecast"],
  ["Import a weather record", "frost dates, station, CSV", "/site/weather"],
  ["Places", "shelves, fridge, mat, frame, lamps", "/site/places"],
  ["Thermometers and readings", "logger, probe, MQTT", "/site/temperature"],
  ["People and network", "phone, sign in, code, password", "/site/people"],
  ["Messages", "e-mail, alarm, morning list", "/site/messages"],
  ["Read lots from a CSV", "import, spreadsheet, seed list", "/site/tables/lots"],
  ["Handbook", "help, manual, how to, what is, models, limits", "/help"],
  ["Copies of the book", "backup, package, export, import, evidence", "/site/people"],
] as const;

/** The views and what can be done in them, as they are found. */
export const FOUND_VIEWS = [
  ...VIEWS.map((view) => ({
    id: `view-${view.path}`,
    kind: "view" as const,
    title: view.name,
    more: "view",
    path: view.path as string,
    on: null,
  })),
  ...COMMANDS.map(([title, more, path]) => ({
    id: `command-${title}`,
    kind: "command" as const,
    title,
    more,
    path,
    on: null,
  })),
];
