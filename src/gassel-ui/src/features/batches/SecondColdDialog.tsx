import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { usePlacesInUse } from "../../book/queries";
import type { Place } from "../../api/types";
import { ChoiceField } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";

/** Days that a second cold usually takes (our assumption). */
const USUAL_DAYS = 60;

const COLD: Place["kind"][] = ["coldShelf", "garage", "coldFrame", "yard", "bed", "greenhouse"];

interface SecondColdDialogProps {
  number: number;
  /** Seeds not up yet. */
  left: number;
  standing: number;
  send: (days: number, place: Place) => void;
  close: () => void;
}

/** What is left of a sowing goes back into the cold: for how long, and where. */
export function SecondColdDialog({ number, left, standing, send, close }: SecondColdDialogProps) {
  const places = [...usePlacesInUse()]
    .filter((place) => COLD.includes(place.kind))
    .sort((a, b) => COLD.indexOf(a.kind) - COLD.indexOf(b.kind));
  const [days, setDays] = useState<number | null>(USUAL_DAYS);
  const [chosen, setChosen] = useState("");
  const place = places.find((p) => p.id === chosen) ?? places[0];
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="cold-title">
      <DialogTitle id="cold-title">
        B-{number}: a second cold for {several(left, "seed")}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        {standing > 0 && (
          <Typography role="status" sx={{ fontWeight: 600 }}>
            {several(standing, "seedling")} would go into the cold with it. Prick them out or move them first,
            if they do not stand frost.
          </Typography>
        )}
        <NumberField
          label="Days in the cold"
          name="days"
          value={days}
          onChange={setDays}
          min={1}
          max={400}
          helper={`${USUAL_DAYS} is our assumption; the route's own cold is a better guide`}
        />
        {place ? (
          <ChoiceField
            label="Where"
            name="coldPlace"
            value={place.id}
            onChange={setChosen}
            choices={places.map((p) => [p.id, p.name] as const)}
          />
        ) : (
          <Typography role="alert">Your book has no cold place. Add one under Site, Places.</Typography>
        )}
        <Typography variant="body2">Keep the mix moist. Counting goes on when it comes out.</Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={days === null || !place}
          onClick={() => days !== null && place && send(days, place)}
        >
          Into the cold
        </Button>
      </DialogActions>
    </Dialog>
  );
}
