import { WORDS } from "../../api/words";
import type { Place, PlaceKindView, PlaceToKeep } from "../../api/types";

/** A kind as it is chosen: the spots of the yard each stand for themselves. */
export type KindChoice = Exclude<Place["kind"], "yard"> | NonNullable<Place["exposure"]>;

export interface PlaceDraft {
  name: string;
  kind: KindChoice;
  dayC: number | null;
  nightC: number | null;
  capacity: number | null;
  lamps: Place["lamps"];
  looks: Place["looks"];
}

/** In the order in which a grower goes round. */
export const KIND_CHOICES: readonly (readonly [KindChoice, string])[] = [
  ["table", WORDS.PlaceKind.table],
  ["coldShelf", `${WORDS.PlaceKind.coldShelf} or fridge`],
  ["warmShelf", WORDS.PlaceKind.warmShelf],
  ["lampShelf", WORDS.PlaceKind.lampShelf],
  ["heatMat", WORDS.PlaceKind.heatMat],
  ["windowsill", WORDS.PlaceKind.windowsill],
  ["heatedGreenhouse", WORDS.PlaceKind.heatedGreenhouse],
  ["greenhouse", WORDS.PlaceKind.greenhouse],
  ["garage", WORDS.PlaceKind.garage],
  ["coldFrame", WORDS.PlaceKind.coldFrame],
  ["bed", WORDS.PlaceKind.bed],
  ["open", "open yard"],
  ["eaves", "yard, under eaves"],
  ["southWall", "yard, south wall"],
  ["shade", "yard, in the shade"],
];

const EXPOSURES: readonly string[] = Object.keys(WORDS.Exposure);

export const kindOf = (choice: KindChoice): Place["kind"] =>
  EXPOSURES.includes(choice) ? "yard" : (choice as Place["kind"]);

export const choiceOf = (place: Pick<Place, "kind" | "exposure">): KindChoice =>
  place.kind === "yard" ? (place.exposure ?? "open") : place.kind;

export const kindWords = (place: Pick<Place, "kind" | "exposure">): string =>
  KIND_CHOICES.find(([choice]) => choice === choiceOf(place))?.[1] ?? place.kind;

/** A new place of a kind, as it is usually taken to be. */
export const draftOf = (choice: KindChoice, kinds: PlaceKindView[]): PlaceDraft => {
  const trait = kinds.find((k) => k.kind === kindOf(choice));
  return {
    name: "",
    kind: choice,
    dayC: trait?.dayC ?? null,
    nightC: trait?.nightC ?? null,
    capacity: null,
    lamps: null,
    looks: null,
  };
};

export const draftFrom = (place: Place): PlaceDraft => ({
  name: place.name,
  kind: choiceOf(place),
  dayC: place.dayC,
  nightC: place.nightC ?? place.dayC,
  capacity: place.capacity,
  lamps: place.lamps,
  looks: place.looks,
});

/** What is sent; a night as warm as the day needs no word. */
export function toKeep(draft: PlaceDraft, retired: boolean): PlaceToKeep {
  const kind = kindOf(draft.kind);
  return {
    name: draft.name.trim(),
    kind,
    dayC: draft.dayC ?? 0,
    nightC: draft.nightC === draft.dayC ? null : draft.nightC,
    capacity: draft.capacity,
    lamps: draft.lamps,
    looks: draft.looks,
    exposure: kind === "yard" ? (draft.kind as PlaceToKeep["exposure"] & string) : null,
    retired,
  };
}

/** The order after one went up or down by one among those in use; others keep their turn. */
export function swapped(places: Place[], id: string, by: 1 | -1): string[] {
  const ids = places.map((p) => p.id);
  const inUse = places.filter((p) => p.retiredOn === null).map((p) => p.id);
  const other = inUse[inUse.indexOf(id) + by];
  if (other === undefined) return ids;
  return ids.map((each) => (each === id ? other : each === other ? id : each));
}
