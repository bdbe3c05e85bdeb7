import { useState } from "react";

/** Asks in turns: an answer to an older question never stands in the place of a newer one. */
export interface Turns {
  /** Begins a turn; what comes back says whether no other has begun since. */
  begin: () => () => boolean;
}

export function turns(): Turns {
  let asked = 0;
  return {
    begin: () => {
      const turn = ++asked;
      return () => turn === asked;
    },
  };
}

/** Turns of one view, for as long as it is open. */
export const useTurns = (): Turns => useState(turns)[0];
