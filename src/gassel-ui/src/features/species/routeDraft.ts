import { WORDS } from "../../api/words";
import type {
  RouteDraft,
  RouteSetting,
  RouteStep,
  ScarifyMethod,
  SpeciesView,
  StepKind,
} from "../../api/types";

/** In the order in which a season meets them. */
export const STEP_KINDS = Object.keys(WORDS.StepKind) as StepKind[];

/** A step while it is written: numbers may be missing, and it keeps its key wherever it moves. */
export interface StepInHand {
  key: number;
  kind: StepKind;
  method: ScarifyMethod | null;
  shortest: number | null;
  usual: number | null;
  longest: number | null;
  lowC: number | null;
  highC: number | null;
  optional: boolean;
  note: string;
}

export const inHand = (step: RouteStep, key: number): StepInHand => ({
  key,
  kind: step.kind,
  method: step.method ?? null,
  shortest: step.days.shortest,
  usual: step.days.usual,
  longest: step.days.longest,
  lowC: step.band?.lowC ?? null,
  highC: step.band?.highC ?? null,
  optional: step.optional,
  note: step.note ?? "",
});

/** A step as it is first put in, with days that are only a start. */
export const freshStep = (kind: StepKind, key: number): StepInHand => ({
  key,
  kind,
  method: kind === "scarify" ? "abrade" : null,
  shortest: 0,
  usual: 0,
  longest: 0,
  lowC: null,
  highC: null,
  optional: false,
  note: "",
});

/** The route to judge or save; null while a number of it is missing. */
/** The route with other days to emergence, proposed as "shortest-usual-longest"; as it is where nothing is proposed. */
export function withEmergence<T extends { steps: RouteStep[] }>(route: T, proposed: string | null): T {
  const found = /^(\d+)-(\d+)-(\d+)$/.exec(proposed ?? "");
  if (!found) return route;
  const days = { shortest: Number(found[1]), usual: Number(found[2]), longest: Number(found[3]) };
  return {
    ...route,
    steps: route.steps.map((step) =>
      step.kind === "germinate" ? { ...step, days: { ...step.days, ...days } } : step,
    ),
  };
}

export function toDraft(
  name: string,
  setting: RouteSetting,
  origin: string,
  steps: StepInHand[],
): RouteDraft | null {
  const ready: RouteStep[] = [];
  for (const step of steps) {
    const { shortest, usual, longest, lowC, highC } = step;
    if (shortest === null || usual === null || longest === null) return null;
    if ((lowC === null) !== (highC === null)) return null;
    ready.push({
      kind: step.kind,
      method: step.kind === "scarify" ? step.method : null,
      days: { shortest, usual, longest } as RouteStep["days"],
      band: lowC === null || highC === null ? null : { lowC, highC },
      optional: step.optional,
      note: step.note.trim() || null,
    } as RouteStep);
  }
  return { name, setting, origin, steps: ready };
}

/** Why the species may not be given a step; null where it may. */
export const forbidden = (view: SpeciesView, kind: StepKind, method: ScarifyMethod | null): string | null =>
  view.forbidden.find((f) => f.kind === kind && (f.method === null || f.method === method))?.why ?? null;

/** The steps with one moved a place up or down. */
export function moved<T>(steps: T[], at: number, by: -1 | 1): T[] {
  const to = at + by;
  if (to < 0 || to >= steps.length) return steps;
  const next = [...steps];
  const [step] = next.splice(at, 1);
  if (step !== undefined) next.splice(to, 0, step);
  return next;
}
