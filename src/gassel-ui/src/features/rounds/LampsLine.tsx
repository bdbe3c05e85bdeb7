import { Box, Button, Typography } from "@mui/material";
import type { EntryPayload, RoundsView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { Why } from "../../shared/Why";
import type { Day } from "../../time/days";

interface LampsLineProps {
  place: RoundsView["places"][number];
  doneOn: Day;
  today: Day;
}

/** Once a week the lamps of a place follow the leaves; recorded on everything that grows under them. */
export function LampsLine({ place, doneOn, today }: LampsLineProps) {
  const { recordMany } = useRecord();
  const { lamps } = place;
  if (!lamps || lamps.dueOn > today) return null;
  const batches = new Map<string, EntryPayload[]>();
  for (const part of place.parts.filter((p) => (p.plants?.alive ?? 0) > 0)) {
    batches.set(part.batchId, [
      ...(batches.get(part.batchId) ?? []),
      { kind: "tended", part: part.part, what: "lampsRaised" },
    ]);
  }
  return (
    <Box
      sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", py: 0.5 }}
      data-testid={`lamps-${place.place.id}`}
    >
      <Typography sx={{ flex: "1 1 17em", display: "flex", gap: 0.75 }}>
        {lamps.lateDays > 0 && <AlarmMark />}
        <span>{lamps.words}</span>
      </Typography>
      <Button
        variant="contained"
        disabled={batches.size === 0}
        onClick={() =>
          void recordMany(
            [...batches].map(([batch, payloads]) => ({ batch, payloads })),
            doneOn,
            `${place.place.name}: lamps set`,
            [],
          )
        }
      >
        Lamps set
      </Button>
      <Why lines={lamps.working} about={`lamps, ${place.place.name}`} />
    </Box>
  );
}
