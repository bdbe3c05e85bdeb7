import { WORDS } from "../../api/words";
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
  { id: "firstYear", words: "may flower in its first year" },
] as const;

export type Question = (typeof QUESTIONS)[number]["id"];

/** What the place asks where plants are to grow; empty for any. */
export interface Ground {
  light: Light | "";
  moisture: Moisture | "";
}

type Planted = NonNullable<SpeciesView["species"]["planted"]>;
type Light = Planted["darkest"];
type Moisture = Planted["driest"];

/** Whether a species grows there. What nobody entered does not answer. */
export function growsIn(view: SpeciesView, { light, moisture }: Ground): boolean {
  const planted = view.species.planted;
  if (!light && !moisture) return true;
  if (!planted) return false;
  const within = <T extends string>(words: Record<T, string>, wanted: T | "", from: T, to: T) => {
    const order = Object.keys(words);
    const at = order.indexOf(wanted);
    return at < 0 || (order.indexOf(from) <= at && at <= order.indexOf(to));
  };
  return (
    within(WORDS.SiteLight, light, planted.darkest, planted.brightest) &&
    within(WORDS.SiteMoisture, moisture, planted.driest, planted.wettest)
  );
}

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
    case "firstYear":
      return species.planted
        ? species.planted.flowersInYear === 1 || species.planted.earlyWeeks !== null
        : false;
    case "hazard":
      return species.hazard !== "none";
  }
}
