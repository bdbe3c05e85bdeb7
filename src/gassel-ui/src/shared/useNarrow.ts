import { useMediaQuery } from "@mui/material";

/** True on a phone: drawings are laid out for its width instead of being shrunk. */
export const useNarrow = (): boolean => useMediaQuery("(max-width: 700px)");

/** True on a wide screen that nothing touches: what a finger needs to be large may be smaller there. */
export const useUntouched = (): boolean =>
  useMediaQuery("(min-width: 1000px) and (not (any-pointer: coarse))");
