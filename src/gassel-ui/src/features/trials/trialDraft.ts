import type { ContainerMix, Filling, LotView, SowCover, TrialRequest, WaterRegime } from "../../api/types";
import { newId } from "../../record/newId";
import type { Day } from "../../time/days";
import { draftOf, setupOf } from "../yard/containerDraft";
import type { ContainerDraft } from "../yard/containerDraft";

export type TrialVesselKind = "pot" | "flat" | "deepCells";

/** An arm as it is being described; empty is as usual. */
export interface ArmInHand {
  batch: string;
  name: string;
  routeId: string;
  depthMm: number | null;
  cover: SowCover | "";
  place: string;
  mix: ContainerMix | "";
  filling: Filling | "";
  water: WaterRegime | "";
  /** What each replicate stands in; for vessels of their own. */
  vessel: TrialVesselKind | "";
  container: ContainerDraft;
}

export const armNamed = (name: string, like?: ArmInHand): ArmInHand => ({
  batch: newId(),
  name,
  routeId: like?.routeId ?? "",
  depthMm: null,
  cover: "",
  place: "",
  mix: "",
  filling: "",
  water: "",
  vessel: "",
  container: like?.container ?? draftOf(null),
});

/** The trial as its form stands. */
export interface TrialDraft {
  name: string;
  changed: string;
  arms: ArmInHand[];
  seedsPerArm: number | null;
  layout: TrialRequest["layout"];
  cellsPerTray: number | null;
  replicates: number | null;
  /** Null while it is being written. */
  sowOn: Day | null;
  randomSeed: number;
  blind: boolean;
}

/** What the layout still waits for, in words; empty once it can be asked. */
export const missing = (draft: TrialDraft): string[] => [
  ...(draft.name.trim() ? [] : ["a name"]),
  ...(draft.changed.trim() ? [] : ["what is changed"]),
  ...(draft.arms.every((arm) => arm.name.trim()) ? [] : ["a name for each arm"]),
  ...(draft.seedsPerArm === null ? ["the seeds in each arm"] : []),
  ...(draft.sowOn === null ? ["the day"] : []),
  ...(draft.layout === "cellsMixed" && draft.cellsPerTray === null ? ["the cells in a tray"] : []),
  ...(draft.layout === "ownVessels" && draft.replicates === null ? ["the vessels for each arm"] : []),
];

/** The question to the server; null while the form does not say enough. */
export function trialRequest(
  draft: TrialDraft,
  lot: LotView | undefined,
  isOutdoors: (routeId: string) => boolean,
): TrialRequest | null {
  if (!lot || draft.seedsPerArm === null || draft.sowOn === null || missing(draft).length > 0) return null;
  const { arms, layout, cellsPerTray, replicates, seedsPerArm, sowOn, ...rest } = draft;
  return {
    ...rest,
    speciesId: lot.details.speciesId,
    lotId: lot.id,
    seedsPerArm,
    sowOn,
    layout,
    arms: arms.map((arm) => ({
      batch: arm.batch,
      name: arm.name,
      routeId: arm.routeId || null,
      depthMm: arm.depthMm,
      cover: arm.cover || null,
      place: arm.place || null,
      mix: arm.mix || null,
      filling: arm.filling || null,
      water: arm.water || null,
      vessel: (layout === "ownVessels" && arm.vessel) || null,
      setup: isOutdoors(arm.routeId) ? setupOf(arm.container) : null,
    })),
    seedsPerCell: null,
    cellsPerTray: layout === "cellsMixed" ? cellsPerTray : null,
    replicates: layout === "ownVessels" ? replicates : null,
  };
}
