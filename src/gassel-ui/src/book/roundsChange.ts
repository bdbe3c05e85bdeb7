import type { RoundsChange, RoundsView } from "../api/types";
import { daysBetween } from "../time/days";
import type { Day } from "../time/days";

type Place = RoundsView["places"][number];
type Part = Place["parts"][number];

const lateness = (part: Part, today: Day): number =>
  Math.max(-Infinity, ...part.due.map(({ due }) => daysBetween(due.dueOn, today)));

const dueAt = (place: Place, today: Day): number =>
  place.jobs + place.parts.flatMap((part) => part.due.filter(({ due }) => due.dueOn <= today)).length;

/** True where nobody but the gesture recorded something since Rounds were told. */
export const isAlone = (rounds: RoundsView, change: RoundsChange, entries: number): boolean =>
  rounds.today === change.today && rounds.sequence + entries === change.sequence;

/** Rounds after a gesture. What it did not touch stays the same object, so that it is not drawn anew. */
export function withChange(rounds: RoundsView, change: RoundsChange): RoundsView {
  const { today } = change;
  const changed = new Set(change.batches);
  const told = new Map(change.places.map((place) => [place.place.id, place]));
  const there = rounds.places.map((before) => {
    const now = told.get(before.place.id);
    if (!now) return before;
    told.delete(before.place.id);
    const parts = [...before.parts.filter((part) => !changed.has(part.batchId)), ...now.parts].sort(
      (a, b) => lateness(b, today) - lateness(a, today) || a.number - b.number,
    );
    return { ...now, parts };
  });
  // one where nothing stood before comes where the grower put it in the order of places
  const order = new Map(change.order.map((id, at) => [id, at]));
  const places = [...there, ...told.values()]
    .filter((place) => place.parts.length > 0 || place.out.length > 0)
    .sort((a, b) => (order.get(a.place.id) ?? 0) - (order.get(b.place.id) ?? 0));
  return {
    ...rounds,
    today,
    sequence: change.sequence,
    places,
    dueCount: places.reduce((sum, place) => sum + dueAt(place, today), 0),
    conflicts: change.conflicts,
    conflictCount: change.conflictCount,
    yard: change.yard,
    aside: change.aside,
  };
}
