import { WORDS } from "../../api/words";
import type { SpaceCheck } from "../../api/types";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";

/** As in `cold shelf 11 of 16 bags on 15 Mar`. */
export function spaceWords(check: SpaceCheck, today: Day): string {
  const then = check.takenThen + check.needed;
  const place = WORDS.PlaceKind[check.place];
  if (check.capacity === null) return `${place}: ${check.needed} ${check.unit}, room not known`;
  const full = `${place} ${then} of ${check.capacity} ${check.unit} on ${shortDay(check.fullestOn, today)}`;
  return check.fits ? full : `${full}: ${then - check.capacity} too many`;
}
