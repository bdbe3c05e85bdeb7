import { Box, Checkbox, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";

interface WaterRowProps {
  place: string;
  words: string;
  done: boolean;
  waits: boolean;
  change: (done: boolean) => void;
}

/** One look at the water for all that stands at a place; ticked, all was found moist. */
export function WaterRow({ place, words, done, waits, change }: WaterRowProps) {
  const { palette } = useDevice();
  return (
    <Box
      data-testid={`line-water-${place}`}
      sx={{
        display: "flex",
        alignItems: "center",
        columnGap: 1,
        borderTop: `1px solid ${palette.line}`,
        minHeight: 48,
        "@media print": { minHeight: 0, py: "0.9mm" },
      }}
    >
      <Box
        sx={{
          display: "none",
          "@media print": { display: "block" },
          width: "4.5mm",
          height: "4.5mm",
          border: "1px solid #000",
          flex: "none",
        }}
      />
      <Checkbox
        checked={done || waits}
        disabled={waits}
        onChange={(event) => change(event.target.checked)}
        slotProps={{ input: { "aria-label": `all moist: ${place}` } }}
        sx={{ width: 48, height: 48, displayPrint: "none" }}
      />
      <Typography sx={{ "@media print": { fontSize: "10pt", lineHeight: 1.2 } }}>
        <b>Water</b>: {words} Tick if all are moist; record pale or wet ones on Rounds.
      </Typography>
    </Box>
  );
}
