import type { CountTray } from "../../api/types";
import { several } from "../../shared/numbers";
import { partName } from "../places/move";
import type { Day } from "../../time/days";

/** The trays of a round: one that several batches share is met once. */
export function roundOf(trays: CountTray[]): CountTray[] {
  const met = new Set<string>();
  return trays.filter((tray) => {
    if (tray.others.length === 0) return true;
    const label = `${(tray.vessel?.label ?? "").trim().toLowerCase()} ${tray.placeName}`;
    if (met.has(label)) return false;
    met.add(label);
    return true;
  });
}

/** Whose seed it holds: "B-25, B-26". */
export const holders = (tray: CountTray): string =>
  tray.others.length === 0
    ? partName(tray)
    : [...new Set([tray.number, ...tray.others.map((o) => o.number)])]
        .sort((a, b) => a - b)
        .map((n) => `B-${n}`)
        .join(", ");

/** Of the whole tray, whoever owns the seed. */
export const inTray = (tray: CountTray): { standing: number; seeds: number } => ({
  standing: tray.others.reduce((sum, o) => sum + o.standing, tray.standing),
  seeds: tray.others.reduce((sum, o) => sum + o.seeds, tray.seeds),
});

/** What stands in a tray, and of how much seed; seedlings that were moved into it left theirs behind. */
export function stockWords(tray: CountTray): string {
  const { standing, seeds } = inTray(tray);
  return seeds > 0 ? `${standing} from ${several(seeds, "seed")}` : several(standing, "seedling");
}

/** Where a tray stands that asks for no count. */
export const resting = (tray: CountTray): string =>
  tray.standing > 0 ? "growing on" : "nothing expected yet";

/** The tray to go to from one: the first that still waits today, else the one after it. */
export function after(round: CountTray[], tray: CountTray, today: Day): CountTray {
  const waits = round.find((t) => t !== tray && t.due !== null && t.due.due.dueOn <= today);
  return waits ?? round[(round.indexOf(tray) + 1) % round.length] ?? tray;
}
