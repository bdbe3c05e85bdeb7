import { WORDS } from "../../api/words";
import type { Place, TrialView } from "../../api/types";
import { several } from "../../shared/numbers";
import { length } from "../../shared/units";
import type { Units } from "../../shared/units";
import { said } from "../../shared/words";
import { careWords } from "../yard/yardWords";

/** Where a trial stands, in one sentence. */
export function standing(trial: TrialView): string {
  if (trial.result) return trial.result.sentence;
  const unsown = trial.arms.filter((arm) => !arm.isSown);
  if (unsown.length > 0) {
    const names = unsown.map((arm) => arm.arm.name).join(" and ");
    const outdoors = unsown.every((arm) => arm.arm.setup !== null);
    return unsown.every((arm) => arm.readyToSow)
      ? `Ready to ${outdoors ? "set out" : "sow"}: ${names}.`
      : `Not ${outdoors ? "out" : "sown"} yet: ${names}. All arms are ` +
          `${outdoors ? "set out" : "sown"} on one day, so that their times compare.`;
  }
  return trial.design.blind && trial.design.endedOn === null
    ? "Counted blind: the arms are compared when the trial is ended."
    : "Nothing to compare yet.";
}

/** A plot in words for the list that is printed: "T-1, 36 cells". */
export const plotWords = (seeds: number, cells: number[] | null): string =>
  cells === null ? several(seeds, "seed") : `${several(seeds, "seed")} in ${several(cells.length, "cell")}`;

interface Times {
  first: string;
  second: string;
  difference: number;
  low: number;
  high: number;
  rankSumP: number;
}

/** Days to emergence of two arms side by side; a difference that rounds to nothing is none. */
export function timesWords(t: Times): string {
  const signed = (days: number): string => days.toFixed(1).replace("-", "−");
  const range = `${signed(t.low)} to ${signed(t.high)} days`;
  return Math.abs(t.difference) < 0.05
    ? `${t.first} and ${t.second} took equally long on average, difference ${range}`
    : `${t.first} ${Math.abs(t.difference).toFixed(1)} days ${t.difference < 0 ? "sooner" : "later"} than ${t.second} on average, ${range}`;
}

/** What an arm is sown with otherwise than usual, each after a comma; empty where all is as usual. */
export function armWords(
  { depthMm, cover, place, setup }: TrialView["arms"][number]["arm"],
  places: Pick<Place, "id" | "name">[],
  units: Units,
): string {
  return [
    ...(setup
      ? [
          setup.kind ? said(WORDS.ContainerPreset[setup.kind], units) : "a vessel of its own",
          careWords(setup),
        ]
      : []),
    ...(setup && setup.stonesKg > 0 ? ["with stones"] : []),
    ...(setup?.mix === "withNutrients" ? ["mix with nutrients"] : []),
    ...(depthMm === null ? [] : [`${length(depthMm, units)} deep`]),
    ...(cover === null ? [] : [WORDS.SowCover[cover]]),
    ...(place === null ? [] : [places.find((p) => p.id === place)?.name ?? place]),
  ]
    .map((words) => `, ${words}`)
    .join("");
}
