import { Box, Checkbox, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import type { PlaceJob } from "../rounds/placeJobs";

interface PlaceJobRowProps {
  place: string;
  job: PlaceJob;
  done: boolean;
  waits: boolean;
  change: (done: boolean) => void;
}

/** One job for all that stands at a place; ticked, it went as it usually does. */
export function PlaceJobRow({ place, job, done, waits, change }: PlaceJobRowProps) {
  const { palette } = useDevice();
  return (
    <Box
      data-testid={`line-${job.key}`}
      sx={{
        display: "flex",
        alignItems: "center",
        columnGap: 1,
        borderTop: `1px solid ${palette.line}`,
        minHeight: 48,
        "@media print": { minHeight: 0, py: "0.2mm" },
      }}
    >
      <Box
        sx={{
          display: "none",
          "@media print": { display: "block" },
          width: "4mm",
          height: "4mm",
          border: "1px solid #000",
          flex: "none",
        }}
      />
      <Checkbox
        checked={done || waits}
        disabled={waits || job.entries.length === 0}
        onChange={(event) => change(event.target.checked)}
        slotProps={{ input: { "aria-label": `${job.tick}: ${place}` } }}
        sx={{ width: 48, height: 48, displayPrint: "none" }}
      />
      <Typography sx={{ "@media print": { fontSize: "10pt", lineHeight: 1.2 } }}>
        <b>{job.name}</b>: {job.words}
        {job.hint !== null && (
          <Box component="span" sx={{ displayPrint: "none" }}>
            {" "}
            {job.hint}
          </Box>
        )}
      </Typography>
    </Box>
  );
}
