import type { RoundsView } from "../../api/types";
import type { Day } from "../../time/days";
import { linesOf } from "./dueLines";
import { placeJobs } from "./placeJobs";

type Place = RoundsView["places"][number];

/** A place as it is chosen from: how much it asks for. */
export interface PlaceWork {
  place: Place;
  jobs: number;
  late: number;
}

/** What each place asks for that was not recorded on this device already. */
export const workOf = (places: Place[], today: Day, settled: ReadonlySet<string>): PlaceWork[] =>
  places.map((place) => {
    const lines = linesOf(place, today).filter((line) => !settled.has(line.key));
    const jobs = placeJobs(place, today).filter((job) => !settled.has(job.key));
    return {
      place,
      jobs: lines.length + jobs.length,
      late: lines.filter((line) => line.item.due.lateDays > 0).length + jobs.filter((job) => job.late).length,
    };
  });

/** The next place on the way round that asks for something; null where none does. */
export function nextPlace(work: PlaceWork[], from: string): PlaceWork | null {
  const at = work.findIndex((w) => w.place.place.id === from);
  const round = [...work.slice(at + 1), ...work.slice(0, Math.max(0, at))];
  return round.find((w) => w.jobs > 0) ?? null;
}

/** True where nothing is due at a place and nothing is told of it. */
export const isQuiet = ({ place, jobs }: PlaceWork): boolean =>
  jobs === 0 &&
  place.symptoms.length === 0 &&
  place.out.length === 0 &&
  !place.water &&
  place.parts.every((part) => !part.warmth?.isTooWarm);
