import type { MixRequest, MixShare, MixVessel } from "../../api/types";

/** A mix as it is typed; null where a number is missing. */
export interface MixDraft {
  count: number | null;
  vessel: MixVessel;
  litresEach: number | null;
  shares: { part: MixShare["part"]; parts: number | null }[];
  settling: number | null;
  boiled: boolean;
}

/** What to ask for; null while something is missing. */
export function requestOf(draft: MixDraft): MixRequest | null {
  const shares = draft.shares.flatMap(({ part, parts }) => (parts === null ? [] : [{ part, parts }]));
  if (draft.count === null || draft.litresEach === null || draft.settling === null || shares.length === 0)
    return null;
  return {
    count: draft.count,
    vessel: draft.vessel,
    litresEach: draft.litresEach,
    parts: shares,
    settling: draft.settling / 100,
    boiled: draft.boiled,
  };
}

/** Parts that are not in the mix yet. */
export const unused = (all: readonly MixShare["part"][], shares: MixDraft["shares"]): MixShare["part"][] =>
  all.filter((part) => !shares.some((share) => share.part === part));
