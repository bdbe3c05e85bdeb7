/** What this device remembers for itself: who records on it, and the light it is read in. */
export type Light = "light" | "dark";

const WHO = "gassel.who";
const LIGHT = "gassel.light";

export const DEFAULT_WHO = "grower";

export const rememberedWho = (): string => localStorage.getItem(WHO) ?? DEFAULT_WHO;
export const rememberWho = (who: string): void => localStorage.setItem(WHO, who);

export function rememberedLight(): Light {
  const kept = localStorage.getItem(LIGHT);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}
export const rememberLight = (light: Light): void => localStorage.setItem(LIGHT, light);
