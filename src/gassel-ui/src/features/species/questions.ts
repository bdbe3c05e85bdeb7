import type { SpeciesView } from "../../api/types";
import type { Day } from "../../time/days";

/** What a grower asks of the library. */
export const QUESTIONS = [
  { id: "all", words: "all" },
  { id: "stillToday", words: "if started today, sown by the last frost" },
  { id: "plain", words: "no treatment" },
  { id: "short", words: "treated under 60 days" },
  { id: "long", words: "treated 90 days or more" },
  { id: "hazard", words: "irritant or toxic" },
] as const;

export type Question = (typeof QUESTIONS)[number]["id"];

/** Whether a species answers to the question and the words typed. One route that answers is enough. */
export function answers(view: SpeciesView, question: Question, text: string, lastFrost: Day | null): boolean {
  const { species, routes } = view;
  const names = `${species.commonName} ${species.scientificName} ${species.notes}`.toLowerCase();
  if (
    !text
      .toLowerCase()
      .split(/\s+/)
      .every((word) => names.includes(word))
  )
    return false;
  switch (question) {
    case "all":
      return true;
    case "stillToday":
      return lastFrost !== null && routes.some((route) => route.sowIfStartedToday.usual <= lastFrost);
    case "plain":
      return routes.some((route) => route.treatmentDays.usual === 0);
    case "short":
      return routes.some((route) => route.treatmentDays.usual < 60);
    case "long":
      return routes.every((route) => route.treatmentDays.usual >= 90);
    case "hazard":
      return species.hazard !== "none";
  }
}
