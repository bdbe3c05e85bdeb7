/** Wet slate, lichen and seed-coat ochre. Text colours keep AA on both grounds. */
export interface Palette {
  paper: string;
  card: string;
  ink: string;
  ink2: string;
  line: string;
  slate: string;
  onSlate: string;
  ochre: string;
  lichen: string;
  frost: string;
  clay: string;
  pool: string;
  alarm: string;
  /** Grounds of the step textures. */
  wash: {
    dry: string;
    scarify: string;
    soak: string;
    warm: string;
    cold: string;
    germinate: string;
    grow: string;
    harden: string;
  };
}

export const light: Palette = {
  paper: "#EDF0EC",
  card: "#FAFBF8",
  ink: "#1D2A2F",
  ink2: "#46555A",
  line: "#C5CEC9",
  slate: "#1F4E5A",
  onSlate: "#FFFFFF",
  ochre: "#8A5210",
  lichen: "#55691B",
  frost: "#2A5F88",
  clay: "#9C4226",
  pool: "#1F6F6D",
  alarm: "#9E1F2B",
  wash: {
    dry: "#FAFBF8",
    scarify: "#EFE3D3",
    soak: "#D8ECEA",
    warm: "#F4DDD3",
    cold: "#DCE7F0",
    germinate: "#E6EDCB",
    grow: "#D3DEA6",
    harden: "#F1E6C8",
  },
};

export const dark: Palette = {
  paper: "#12191C",
  card: "#1B2529",
  ink: "#E7ECE8",
  ink2: "#AEBBB8",
  line: "#3A4A4E",
  slate: "#8CC3CF",
  onSlate: "#12191C",
  ochre: "#E3AE5C",
  lichen: "#B7C96A",
  frost: "#93C1E6",
  clay: "#EE9A7A",
  pool: "#7FD0C9",
  alarm: "#FF9BA1",
  wash: {
    dry: "#1B2529",
    scarify: "#3A2E1C",
    soak: "#17383A",
    warm: "#402A22",
    cold: "#1D3242",
    germinate: "#2C3618",
    grow: "#3A4520",
    harden: "#3B331C",
  },
};
