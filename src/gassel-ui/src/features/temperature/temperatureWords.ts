import type { PlaceTemperature, PlaceTrouble } from "../../api/types";
import { degrees } from "../../shared/units";
import type { Units } from "../../shared/units";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { momentWords } from "../../time/moments";

/** How warm it is and how that is known: `3.9 °C at 09:00, measured`. */
export function nowWords(now: PlaceTemperature, units: Units, timeZone: string, today: Day): string {
  const warm = degrees(now.tempC, units);
  switch (now.source) {
    case "measured":
      return `${warm}, measured ${now.at ? momentWords(now.at, timeZone, today) : ""}`.trim();
    case "typed":
      return `${warm}, read by eye ${now.typedOn ? shortDay(now.typedOn, today) : ""}; assumed since`;
    case "modelled":
      return `${warm} by the model`;
    case "assumed":
      return `${warm} assumed, no reading`;
  }
}

/** Since when, and until when where it is over. */
export function spanWords(trouble: PlaceTrouble, timeZone: string, today: Day): string {
  const from = momentWords(trouble.from, timeZone, today);
  return trouble.to === null ? `Since ${from}` : `${from} to ${momentWords(trouble.to, timeZone, today)}`;
}
