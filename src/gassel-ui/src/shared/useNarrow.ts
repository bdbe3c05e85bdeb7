import { useMediaQuery } from "@mui/material";

/** True on a phone: drawings are laid out for its width instead of being shrunk. */
export const useNarrow = (): boolean => useMediaQuery("(max-width: 700px)");
