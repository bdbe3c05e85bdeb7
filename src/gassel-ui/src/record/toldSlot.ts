/** Id of the room below the page in which what was just recorded is told. */
export const TOLD_SLOT = "told-slot";
