import { WORDS } from "../../api/words";
import type { EntryPayload, OutWarning, RoundsView, Tending } from "../../api/types";
import type { BatchPayloads } from "../../record/RecordProvider";
import type { Day } from "../../time/days";
import { looks, usualLook, waterKey } from "./water";

type Place = RoundsView["places"][number];

/** One job for all that stands at a place. */
export interface PlaceJob {
  /** Names it on this page, in the queue and on the sheet. */
  key: string;
  name: string;
  words: string;
  /** What a tick leaves out, on screen only; null where it leaves out nothing. */
  hint: string | null;
  /** What a tick says of it. */
  tick: string;
  /** Its usual outcome. */
  entries: BatchPayloads[];
  /** On the button of a line of its own; null where another line asks for it. */
  button: string | null;
  late: boolean;
  working: string[];
}

const elsewhere = { button: null, late: false, working: [] };

export const lampsKey = (place: string): string => `lamps-${place}`;
export const domesKey = (place: string): string => `domes-${place}`;

export const outKey = (place: string, kind: OutWarning["kind"]): string => `out-${place}-${kind}`;

/** The same done to each of these parts, by batch. */
export function tendedAll(parts: { batch: string; part: string }[], what: Tending): BatchPayloads[] {
  const batches = new Map<string, EntryPayload[]>();
  for (const { batch, part } of parts)
    batches.set(batch, [...(batches.get(batch) ?? []), { kind: "tended", part, what }]);
  return [...batches].map(([batch, payloads]) => ({ batch, payloads }));
}

/** The jobs of a place itself that are due, in the order of the work. */
export const placeJobs = ({ place, water, airing, lamps, out }: Place, today: Day): PlaceJob[] => [
  ...out.map((warning) => ({
    key: outKey(place.id, warning.kind),
    name: "Weather",
    words: `${warning.title}. ${warning.reason}`,
    hint: null,
    tick: warning.do ? WORDS.Tending[warning.do] : "seen",
    entries: warning.do ? tendedAll(warning.parts, warning.do) : [],
    ...elsewhere,
  })),
  ...(water && water.parts.length > 0
    ? [
        {
          key: waterKey(place.id),
          name: "Water",
          words: water.words,
          hint: "Tick if all are moist; record pale or wet ones on Rounds.",
          tick: "all moist",
          entries: looks(water.parts, () => usualLook("moist")),
          ...elsewhere,
        },
      ]
    : []),
  ...(airing
    ? [
        {
          key: domesKey(place.id),
          name: "Air the domes",
          words: airing.words,
          hint: null,
          tick: "domes aired",
          entries: tendedAll(airing.parts, "domeAired"),
          button: "Aired",
          late: airing.lateDays > 0,
          working: airing.working,
        },
      ]
    : []),
  ...(lamps && lamps.dueOn <= today
    ? [
        {
          key: lampsKey(place.id),
          name: "Lamps",
          words: lamps.words,
          hint: null,
          tick: "lamps set",
          entries: tendedAll(lamps.parts, "lampsRaised"),
          button: "Lamps set",
          late: lamps.lateDays > 0,
          working: lamps.working,
        },
      ]
    : []),
];
