import { Box, Button } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";

interface FigureProps {
  id: string;
  label: string;
  text: string;
  active: boolean;
  choose: () => void;
}

/** A number being typed, large enough for arm's length. */
export function Figure({ id, label, text, active, choose }: FigureProps) {
  const { palette } = useDevice();
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={active}
      aria-label={`${label}: ${text || "nothing typed"}`}
      data-testid={`tally-${id}`}
      onClick={choose}
      sx={{
        border: `3px solid ${active ? palette.slate : palette.line}`,
        borderRadius: 1.5,
        bgcolor: palette.card,
        color: palette.ink,
        font: "inherit",
        p: 0.5,
        cursor: "pointer",
      }}
    >
      <Box sx={{ fontFamily: SERIF, fontSize: "2.3rem", fontWeight: 600, lineHeight: 1.1 }}>
        {text || "–"}
      </Box>
      <Box>{label}</Box>
    </Box>
  );
}

interface PadProps {
  type: (digit: string) => void;
  rubOut: () => void;
  record: () => void;
  ready: boolean;
}

/** Digits for a thumb. */
export function Pad({ type, rubOut, record, ready }: PadProps) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "repeat(3, 1fr)", gap: 0.75 }}>
      {[..."123456789"].map((digit) => (
        <PadKey key={digit} name={digit} press={() => type(digit)} />
      ))}
      <PadKey name="delete" press={rubOut} small />
      <PadKey name="0" press={() => type("0")} />
      <Button
        variant="contained"
        disabled={!ready}
        onClick={record}
        sx={{ minHeight: 52, fontSize: "1.05rem", px: 0.5 }}
      >
        Record
      </Button>
    </Box>
  );
}

function PadKey({ name, press, small = false }: { name: string; press: () => void; small?: boolean }) {
  return (
    <Button
      variant="outlined"
      onClick={press}
      sx={{ minHeight: 52, fontSize: small ? "1rem" : "1.5rem", px: 0.5 }}
    >
      {name}
    </Button>
  );
}
