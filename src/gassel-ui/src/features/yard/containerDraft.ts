import type { CareStyle, ContainerMix, ContainerPreset, ContainerSetup } from "../../api/types";

/** A container as it is being described. */
export interface ContainerDraft {
  kind: ContainerPreset | "own";
  litres: number | null;
  heightCm: number | null;
  wall: "0.7" | "0.5" | "0";
  care: Exclude<CareStyle, "noHolesDailyWater">;
  holes: boolean;
  wateredDaily: boolean;
  mix: ContainerMix;
  mixCm: number | null;
  stonesKg: number | null;
}

/** As it was described before, else as is usual. */
export const draftOf = (setup: ContainerSetup | null): ContainerDraft => ({
  kind: setup ? (setup.kind ?? "own") : "jug4",
  litres: setup?.own?.litres ?? 4,
  heightCm: setup?.own?.heightCm ?? 25,
  wall: wallOf(setup?.own?.transmittance),
  ...careOf(setup),
  mix: setup?.mix ?? "lowNutrient",
  mixCm: setup?.mixCm ?? 8,
  stonesKg: setup?.stonesKg ?? 0,
});

/** Cap, holes and water; told as one before they were told apart. */
function careOf(setup: ContainerSetup | null): Pick<ContainerDraft, "care" | "holes" | "wateredDaily"> {
  if (!setup) return { care: "capOff", holes: true, wateredDaily: false };
  return setup.care === "noHolesDailyWater"
    ? { care: "openByTemperature", holes: false, wateredDaily: true }
    : { care: setup.care, holes: setup.holes, wateredDaily: setup.wateredDaily };
}

function wallOf(transmittance = 0.5): ContainerDraft["wall"] {
  return transmittance >= 0.6 ? "0.7" : transmittance >= 0.2 ? "0.5" : "0";
}

export const setupOf = (draft: ContainerDraft): ContainerSetup => ({
  kind: draft.kind === "own" ? null : draft.kind,
  care: draft.care,
  holes: draft.holes,
  wateredDaily: draft.wateredDaily,
  mix: draft.mix,
  mixCm: draft.mixCm ?? 8,
  stonesKg: draft.stonesKg ?? 0,
  own:
    draft.kind === "own"
      ? { litres: draft.litres ?? 4, heightCm: draft.heightCm ?? 25, transmittance: Number(draft.wall) }
      : null,
});
