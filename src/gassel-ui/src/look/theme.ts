import { createTheme } from "@mui/material/styles";
import type { Theme } from "@mui/material/styles";
import type { Palette } from "./palette";

export const SERIF = "'Bitter Variable', Bitter, Georgia, serif";
const SANS = "'Source Sans 3 Variable', 'Source Sans 3', sans-serif";

/** Nothing slides or fades for those who asked their device for that. */
const still = (): boolean => window.matchMedia("(prefers-reduced-motion: reduce)").matches;

const STILL = {
  shortest: 0,
  shorter: 0,
  short: 0,
  standard: 0,
  complex: 0,
  enteringScreen: 0,
  leavingScreen: 0,
};

export function makeTheme(p: Palette, mode: "light" | "dark"): Theme {
  const heading = { fontFamily: SERIF, fontWeight: 600 };
  return createTheme({
    ...(still() ? { transitions: { create: () => "none", duration: STILL } } : {}),
    palette: {
      mode,
      primary: { main: p.slate, contrastText: p.onSlate },
      secondary: { main: p.ochre },
      error: { main: p.alarm },
      background: { default: p.paper, paper: p.card },
      text: { primary: p.ink, secondary: p.ink2 },
      divider: p.line,
    },
    shape: { borderRadius: 6 },
    typography: {
      fontFamily: SANS,
      fontSize: 14,
      h1: { ...heading, fontSize: "1.6rem" },
      h2: { ...heading, fontSize: "1.2rem" },
      h3: { ...heading, fontSize: "1.02rem" },
      button: { textTransform: "none", fontWeight: 600, fontSize: "1rem" },
    },
    components: {
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: { root: { minHeight: 48, paddingInline: 18 } },
      },
      // read at the bench: ink on both states, the chosen one told by ground and weight
      MuiToggleButton: {
        styleOverrides: {
          root: {
            minHeight: 48,
            textTransform: "none",
            fontSize: "1rem",
            fontWeight: 400,
            color: p.ink,
            borderColor: p.ink2,
            "&.Mui-selected, &.Mui-selected:hover": {
              fontWeight: 700,
              color: p.onSlate,
              backgroundColor: p.slate,
            },
          },
        },
      },
      ...(still()
        ? {
            MuiButtonBase: { defaultProps: { disableRipple: true } },
          }
        : {}),
      // a list that opens lies on a card of the same ground
      MuiPopover: {
        defaultProps: still() ? { transitionDuration: 0 } : {},
        styleOverrides: { paper: { border: `1px solid ${p.ink2}` } },
      },
      MuiAutocomplete: {
        styleOverrides: { paper: { border: `1px solid ${p.ink2}` }, option: { minHeight: 48 } },
      },
      MuiIconButton: { styleOverrides: { root: { minWidth: 48, minHeight: 48 } } },
      MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: "none" } } },
      MuiDialog: { styleOverrides: { paper: { border: `1px solid ${p.line}` } } },
      MuiCssBaseline: {
        styleOverrides: {
          body: { fontVariantNumeric: "tabular-nums" },
          a: { color: "inherit" },
          ":focus-visible": { outline: `3px solid ${p.ochre}`, outlineOffset: 2 },
          "@media print": { body: { background: "#fff" }, main: { padding: "0 !important" } },
          // the season is wider than high, and prints so
          "@page season": { size: "landscape", margin: "8mm" },
        },
      },
    },
  });
}
