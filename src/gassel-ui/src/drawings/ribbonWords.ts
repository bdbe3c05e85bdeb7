import type { RibbonStretch } from "../api/types";
import { shortDay } from "../time/days";
import { stepWords } from "./steps";

/** A ribbon for those who do not see it: `soak 3 Mar to 4 Mar, cold-moist 4 Mar to 3 May`. */
export const ribbonWords = (stretches: Omit<RibbonStretch, "step">[]): string =>
  stretches.map((s) => `${stepWords(s.kind)} ${shortDay(s.start)} to ${shortDay(s.end)}`).join(", ");
