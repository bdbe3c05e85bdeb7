import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { usePlacesInUse } from "../../book/queries";
import type { Place } from "../../api/types";
import { useQueue } from "../../offline/useQueue";
import { useRecord } from "../../record/RecordProvider";
import { Choice } from "../../shared/Choice";
import { several } from "../../shared/numbers";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { MoveCells } from "./MoveCells";
import { PartTicks } from "./PartTicks";
import { SomeFields } from "./SomeFields";
import { useCelledTray } from "./useCelledTray";
import { divides, freePart, moves, partName, partsWaiting, someFault, stagesOf, withCells } from "./move";
import type { Movable, Some } from "./move";

interface MoveDialogProps {
  /** What may go; one alone needs no choice. */
  parts: Movable[];
  /** From where, as it is told; null for one that stands nowhere. */
  from: string | null;
  /** They were chosen before: all go, unless some are taken out again. */
  allTicked?: boolean;
  doneOn: Day;
  today: Day;
  close: () => void;
}

/** To another place: all of it or some, one thing or many at once. The place is the last touch. */
export function MoveDialog({ parts, from, allTicked = false, doneOn, today, close }: MoveDialogProps) {
  const places = usePlacesInUse();
  const { record, recordMany } = useRecord();
  const [ticked, setTicked] = useState<number[]>(() =>
    allTicked || parts.length === 1 ? parts.map((_, i) => i) : [],
  );
  const [some, setSome] = useState<Some | null>(null);
  const chosen = parts.filter((_, i) => ticked.includes(i));
  const queue = useQueue();
  const only = chosen.length === 1 ? chosen[0] : undefined;
  const one = only && {
    ...only,
    nextPart: freePart(only.nextPart, partsWaiting(queue, only.batchId)),
  };
  const share = one && divides(one) ? some : null;
  const tray = useCelledTray(one ?? null);
  const fault = one && share ? someFault(one, share) : null;
  const goals = places.filter(
    (place) => !(chosen.length > 0 ? chosen : parts).every((p) => p.place === place.id),
  );
  const send = async (place: Place) => {
    const [first, ...rest] = moves(one ? [one] : chosen, place.id, share);
    if (!first || fault) return;
    const what = one ? partName(one) : several(chosen.length, "vessel");
    const told = `${what}: ${share ? "some " : ""}moved to ${place.inSentence}`;
    close();
    await (rest.length === 0
      ? record(first.batch, first.payloads, doneOn, told)
      : recordMany([first, ...rest], doneOn, told, []));
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="go-title">
      <DialogTitle id="go-title">
        {parts.length === 1 && one
          ? `Move ${partName(one)} ${one.commonName}`
          : allTicked
            ? `Move ${several(parts.length, "vessel")}`
            : `Move from ${from ?? "here"}`}
        {doneOn === today ? "" : `, ${nearDay(doneOn, today)}`}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
        {parts.length > 1 && (
          <PartTicks label="what goes" parts={parts} ticked={ticked} change={setTicked}>
            <Button onClick={() => setTicked(ticked.length === parts.length ? [] : parts.map((_, i) => i))}>
              {ticked.length === parts.length ? "None of them" : "All of them"}
            </Button>
          </PartTicks>
        )}
        {one && divides(one) && (
          <Choice
            label="how much"
            value={share?.cells ? "cells" : share ? "some" : "all"}
            onChange={(next) =>
              setSome(
                next === "all"
                  ? null
                  : {
                      stage: stagesOf(one)[0] ?? "seedling",
                      plants: 0,
                      seeds: 0,
                      label: "",
                      cells: next === "cells" ? [] : null,
                    },
              )
            }
            options={[
              ["all", "all of it"],
              ["some", "only some"],
              ...(tray ? ([["cells", "some cells"]] as const) : []),
            ]}
          />
        )}
        {one && tray && share?.cells && (
          <MoveCells
            tray={tray}
            chosen={share.cells}
            change={(cells) => setSome(withCells(share, tray, cells, one.waiting))}
          />
        )}
        {one && share && <SomeFields part={one} some={share} change={setSome} fault={fault} />}
        <Typography variant="h3">
          {chosen.length === 0 ? "Tick what goes, then where to" : "Where to"}
        </Typography>
        <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}>
          {goals.map((place) => (
            <Button
              key={place.id}
              variant="outlined"
              disabled={chosen.length === 0 || fault !== null}
              sx={{ minHeight: 52, lineHeight: 1.2 }}
              onClick={() => void send(place)}
            >
              {place.name}
            </Button>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
      </DialogActions>
    </Dialog>
  );
}
