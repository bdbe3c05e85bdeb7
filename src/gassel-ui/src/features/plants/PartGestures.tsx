import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { BatchView, PartView } from "../../api/types";
import { useRecord } from "../../record/RecordProvider";
import { HeightDialog } from "./HeightDialog";
import { MoveOnDialog } from "./MoveOnDialog";
import type { PlantGesture } from "./plantGesture";
import { stageInHand } from "./plantWords";
import { useDoneOn } from "../../record/DoneOn";

interface PartGesturesProps {
  batch: BatchView["summary"];
  part: PartView;
  /** The only one: then it need not be named. */
  alone: boolean;
}

/** What can be done with the plants of a part, the likely thing first. */
export function PartGestures({ batch, part, alone }: PartGesturesProps) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const [measuring, setMeasuring] = useState(false);
  const [open, setOpen] = useState<PlantGesture | null>(null);
  const { id, plants } = part.state;
  const { clock } = part;
  const surplus = clock?.crowding.surplus ?? null;
  const grows = plants.stages.some((s) => s.alive > 0);
  const sleeps = plants.stages.some((s) => s.dormant > 0);
  const crowded = clock !== null && (surplus === null || surplus > 0);
  const clumps = plants.stages.some((s) => (s.stage === "prickedOut" || s.stage === "potted") && s.alive > 0);
  const others: [PlantGesture, string, boolean][] = [
    ["divide", "Divide", (crowded && !clock.inPlace) || clumps],
    ["thin", "Thin to one", crowded],
    ["repot", "Repot", plants.stages.some((s) => s.stage === "potted" && s.alive > 0)],
    ["lost", "Lost", grows],
    ["diedBack", "Died back", grows],
    ["cameAgain", "Came up again", sleeps],
  ];
  return (
    <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mt: 0.5 }}>
      {!alone && <Typography>Part {id}:</Typography>}
      {stageInHand(plants) !== null && (
        <Button variant="contained" aria-label={`move on, part ${id}`} onClick={() => setOpen("moveOn")}>
          Move on
        </Button>
      )}
      {clock !== null && clock.trueLeavesOn === null && clock.by !== "weeks" && (
        <Button
          variant="outlined"
          onClick={() =>
            void record(
              batch.id,
              [{ kind: "trueLeaves", part: id }],
              doneOn,
              `B-${batch.number}: first true leaves`,
            )
          }
        >
          First true leaves seen
        </Button>
      )}
      {others.map(
        ([gesture, words, can]) =>
          can && (
            <Button key={gesture} variant="outlined" onClick={() => setOpen(gesture)}>
              {words}
            </Button>
          ),
      )}
      {plants.stages.some((s) => s.stage !== "planted" && s.alive > 0) && (
        <Button
          onClick={() =>
            void record(
              batch.id,
              [{ kind: "tended", part: id, what: "pinchedBack" }],
              doneOn,
              `B-${batch.number}: pinched or cut back`,
            )
          }
        >
          Pinched back
        </Button>
      )}
      {grows && <Button onClick={() => setMeasuring(true)}>Height…</Button>}
      {measuring && (
        <HeightDialog batch={batch} part={id} doneOn={doneOn} close={() => setMeasuring(false)} />
      )}
      {open && (
        <MoveOnDialog
          batch={batch}
          gesture={open}
          part={id}
          tally={plants}
          surplus={surplus}
          doneOn={doneOn}
          close={() => setOpen(null)}
        />
      )}
    </Box>
  );
}
