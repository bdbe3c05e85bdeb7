import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { usePlaces } from "../../book/queries";
import type { BatchView, PartView } from "../../api/types";
import { useDoneOn } from "../../record/DoneOn";
import { Card } from "../../shared/Card";
import { ForRole } from "../../people/ForRole";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { MoveDialog } from "../places/MoveDialog";
import type { Movable } from "../places/move";

const movable = (batch: BatchView["summary"], species: BatchView["species"], part: PartView): Movable => ({
  batchId: batch.id,
  number: batch.number,
  commonName: species.commonName,
  part: part.state.id,
  place: part.state.place,
  label: part.state.vessel?.label ?? null,
  plants: part.state.plants,
  waiting: part.state.waiting,
  nextPart: part.nextPart,
});

interface WhereaboutsProps {
  batch: BatchView;
  /** Those that live. */
  parts: PartView[];
  today: Day;
}

/** Where each part stands and since when, and the way to another place. */
export function Whereabouts({ batch, parts, today }: WhereaboutsProps) {
  const places = usePlaces().data ?? [];
  const { doneOn } = useDoneOn();
  const [open, setOpen] = useState<Movable | null>(null);
  const standing = parts.filter((part) => part.state.place !== null && !part.state.booksClosed);
  if (standing.length === 0) return null;
  const name = (id: string | null) => places.find((p) => p.id === id)?.name ?? id ?? "";
  return (
    <Card label="where it stands">
      <Typography variant="h2">Where it stands</Typography>
      {standing.map((part) => {
        const since = part.state.stays.at(-1)?.from;
        const { id, place, vessel } = part.state;
        return (
          <Box
            key={id}
            data-testid={`stands-${id}`}
            sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1, py: 0.5 }}
          >
            <Typography sx={{ flex: "1 1 12em" }}>
              {standing.length > 1 && `Part ${id}: `}
              {vessel ? `${vessel.label}, ` : ""}
              <strong>{name(place)}</strong>
              {since ? ` since ${nearDay(since, today)}` : ""}
            </Typography>
            <ForRole role="volunteer">
              <Button
                variant="outlined"
                aria-label={`Move to…, part ${id}`}
                onClick={() => setOpen(movable(batch.summary, batch.species, part))}
              >
                Move to…
              </Button>
            </ForRole>
          </Box>
        );
      })}
      {open && (
        <MoveDialog
          parts={[open]}
          from={name(open.place)}
          doneOn={doneOn}
          today={today}
          close={() => setOpen(null)}
        />
      )}
    </Card>
  );
}
