import { lazy, Suspense, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { RoundsView } from "../../api/types";
import { useIsSettled } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { Why } from "../../shared/Why";
import type { Day } from "../../time/days";
import { HandLine } from "./HandLine";
import { TimeLeft } from "./TimeLeft";
import { looks, usualLook, waterKey } from "./water";
import type { Look } from "./water";

const WaterDialog = lazy(() => import("./WaterDialog").then((m) => ({ default: m.WaterDialog })));

interface WaterLineProps {
  place: RoundsView["places"][number];
  doneOn: Day;
  /** On a phone, at one place. */
  inHand?: boolean;
}

/** One look at the water for all that stands at a place; what differs is said tray by tray. */
export function WaterLine({ place, doneOn, inHand = false }: WaterLineProps) {
  const { recordMany } = useRecord();
  const [open, setOpen] = useState(false);
  const settled = useIsSettled(waterKey(place.place.id));
  const { water } = place;
  if (!water) return null;
  const record = (look: Look, told: string) =>
    void recordMany(
      looks(water.parts, () => look),
      doneOn,
      `${place.place.name}: ${told}`,
      [waterKey(place.place.id)],
    );
  const asks = water.parts.length > 0 && !settled;
  const moist = (
    <Button variant="contained" onClick={() => record(usualLook("moist"), "all moist")}>
      All moist
    </Button>
  );
  const pale = (
    <Button variant="outlined" onClick={() => record(usualLook("dry"), "all pale, watered from below")}>
      All pale, watered
    </Button>
  );
  return (
    <Box data-testid={`water-${place.place.id}`}>
      {water.tipOutAt !== null && (
        <Typography component="div" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75, fontWeight: 600 }}>
          <span>Tip out the water that is left in the trays</span>
          <TimeLeft dueAt={water.tipOutAt} />
        </Typography>
      )}
      {asks && (
        <HandLine
          testId={`look-${place.place.id}`}
          name="Look at the water"
          asks={water.words}
          isMarked={water.lateDays > 0}
          act={
            <>
              {moist}
              {!inHand && pale}
            </>
          }
        >
          <Typography variant="body2">{water.howTo}</Typography>
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
            {inHand && pale}
            <Button variant="outlined" onClick={() => setOpen(true)}>
              One by one…
            </Button>
            <Why lines={water.working} about={`water, ${place.place.name}`} />
          </Box>
        </HandLine>
      )}
      {open && (
        <Suspense>
          <WaterDialog
            name={place.place.name}
            needs={water.parts}
            close={() => setOpen(false)}
            send={(look) => {
              setOpen(false);
              void recordMany(looks(water.parts, look), doneOn, `${place.place.name}: water looked at`, [
                waterKey(place.place.id),
              ]);
            }}
          />
        </Suspense>
      )}
    </Box>
  );
}
