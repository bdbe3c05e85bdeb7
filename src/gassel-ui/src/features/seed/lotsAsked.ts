import type { LotView } from "../../api/types";
import { saysAll } from "../../shared/asked";

/** By what lots are asked for, as it stands in the address; `new` opens the form with a species. */
export const NARROWED_BY = ["text", "species", "left", "order"] as const;
export const LOTS_ASKED_BY = [...NARROWED_BY, "new"] as const;

export type LotsAsked = Partial<Record<(typeof LOTS_ASKED_BY)[number], string>>;

export const LEFT = [
  ["", "any"],
  ["some", "some seed left"],
  ["little", "under a fifth left"],
  ["none", "used up"],
] as const;

export const LOT_ORDERS = [
  ["name", "by name"],
  ["newest", "newest harvest first"],
  ["oldest", "oldest harvest first"],
  ["least", "least left first"],
] as const;

/** Below this share of it a lot is nearly used up (our assumption). */
const LITTLE = 0.2;

const fitsLeft = (lot: LotView, left: string | undefined): boolean =>
  left === "some"
    ? lot.seedsLeft > 0
    : left === "none"
      ? lot.seedsLeft === 0
      : left === "little"
        ? lot.seedsLeft > 0 && lot.seedsLeft < LITTLE * lot.seeds
        : true;

/** The lots that fit, in the order asked for; of a name, or of a day, the newest harvest first. */
export function lotsAsked(lots: LotView[], asked: LotsAsked, nameOf: (species: string) => string): LotView[] {
  const harvest = (a: LotView, b: LotView) =>
    b.details.lot.gatheredOn.localeCompare(a.details.lot.gatheredOn) || a.id - b.id;
  const name = (a: LotView, b: LotView) =>
    nameOf(a.details.speciesId).localeCompare(nameOf(b.details.speciesId)) || harvest(a, b);
  const order = {
    newest: harvest,
    oldest: (a: LotView, b: LotView) => harvest(b, a),
    least: (a: LotView, b: LotView) => a.seedsLeft - b.seedsLeft || harvest(a, b),
  }[asked.order ?? ""];
  return lots
    .filter(
      (lot) =>
        (!asked.species || lot.details.speciesId === asked.species) &&
        fitsLeft(lot, asked.left) &&
        saysAll(
          `lot ${lot.id} ${nameOf(lot.details.speciesId)} ${lot.details.lot.gatheredAt} ${lot.details.lot.note ?? ""}`,
          asked.text,
        ),
    )
    .sort(order ?? name);
}
