import { Box, Typography } from "@mui/material";
import type { Place } from "../../api/types";
import { WordsField } from "../../shared/WordsField";

const TIMES = [
  ["on", "Lamps on"],
  ["off", "Lamps off"],
] as const;

const NONE: NonNullable<Place["lamps"]> = {
  on: "05:00:00",
  off: "21:00:00",
  lightHours: 0,
  darkHours: 0,
  words: "",
  warning: null,
};

interface LampFieldsProps {
  /** As it is kept. */
  kept: Place["lamps"];
  lamps: Place["lamps"];
  onChange: (lamps: Place["lamps"]) => void;
}

/** The timer of the lamps, with the hours of light and dark that it makes. */
export function LampFields({ kept, lamps, onChange }: LampFieldsProps) {
  const set = (which: "on" | "off", text: string) =>
    onChange(text === "" ? null : { ...(lamps ?? NONE), [which]: `${text}:00` });
  const unchanged = lamps?.on === kept?.on && lamps?.off === kept?.off;
  return (
    <Box>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
        {TIMES.map(([which, label]) => (
          <WordsField
            key={which}
            label={label}
            name={`lamps-${which}`}
            type="time"
            value={lamps?.[which].slice(0, 5) ?? ""}
            onChange={(written) => set(which, written)}
          />
        ))}
      </Box>
      <Typography variant="body2" sx={{ mt: 0.5 }}>
        {lamps === null
          ? "Timer not set."
          : unchanged
            ? `${lamps.words}. ${lamps.warning ?? ""}`
            : "The hours of light and dark appear when you save."}
      </Typography>
    </Box>
  );
}
