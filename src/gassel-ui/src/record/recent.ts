import { entriesOf } from "../offline/keep";
import type { WaitingAct } from "../offline/keep";

/** So many are offered to be taken back; the record of a batch has them all. */
const MOST = 50;

/** What stands of gestures that came one after another: one that takes back is none itself, and may be taken back too. */
export function standing(acts: readonly WaitingAct[]): WaitingAct[] {
  const gone = new Set<string>();
  const stands: WaitingAct[] = [];
  for (const act of [...acts].reverse()) {
    const entries = entriesOf(act);
    if (entries.every((entry) => gone.has(entry.id))) continue;
    const taken = entries.flatMap(({ payload }) => (payload.kind === "void" ? [payload.entry] : []));
    if (taken.length > 0) taken.forEach((id) => gone.add(id));
    else stands.push(act);
  }
  return stands.slice(0, MOST);
}
