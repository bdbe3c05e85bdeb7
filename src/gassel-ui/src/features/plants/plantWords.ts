import { WORDS } from "../../api/words";
import type { PlantSpacing, PlantStage, PlantTally } from "../../api/types";
import { STAGES } from "../../drawings/stages";
import { area } from "../../shared/units";
import type { Units } from "../../shared/units";

/** The stages that plants can go on to. */
export const stagesAfter = (stage: PlantStage): PlantStage[] => STAGES.slice(STAGES.indexOf(stage) + 1);

/** The stage at which most of its plants grow that can still go on; null where none can. */
export function stageInHand(tally: PlantTally): PlantStage | null {
  const open = tally.stages.filter((s) => s.stage !== "planted" && s.alive > 0);
  return open.length === 0 ? null : open.reduce((a, b) => (b.alive > a.alive ? b : a)).stage;
}

/** Where the plants are, in a sentence: `12 pricked out, 3 dormant; 5 lost`. */
export function tallyWords(tally: PlantTally): string {
  const alive = tally.stages.filter((s) => s.alive > 0).map((s) => `${s.alive} ${WORDS.PlantStage[s.stage]}`);
  const dormant = tally.stages.reduce((sum, s) => sum + s.dormant, 0);
  const lost = tally.stages.reduce((sum, s) => sum + s.lost, 0);
  const parts = [...alive, ...(dormant > 0 ? [`${dormant} dormant, alive`] : [])];
  return `${parts.length > 0 ? parts.join(", ") : "none alive"}${lost > 0 ? `; ${lost} lost` : ""}`;
}

/** Ground for plants: `3.4 m² on the square, 3 m² in staggered rows`. */
export const groundWords = (ground: PlantSpacing, units: Units): string =>
  `${area(ground.squareM2, units)} on the square, ${area(ground.staggeredM2, units)} in staggered rows`;
