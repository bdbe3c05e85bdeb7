import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { usePlacesInUse } from "../../book/queries";
import type { Place, SecondColdOffer } from "../../api/types";
import { ChoiceField } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";

interface SecondColdDialogProps {
  number: number;
  offer: SecondColdOffer;
  /** Seeds not up yet. */
  left: number;
  standing: number;
  send: (days: number, place: Place) => void;
  close: () => void;
}

/** What is left of a sowing goes back into the cold: for how long, and where. */
export function SecondColdDialog({ number, offer, left, standing, send, close }: SecondColdDialogProps) {
  const places = usePlacesInUse();
  const [days, setDays] = useState<number | null>(offer.days);
  const [chosen, setChosen] = useState(offer.place ?? "");
  const place = places.find((p) => p.id === chosen);
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
          helper={offer.why}
        />
        {offer.worth && <Typography data-testid="cold-again-worth">{offer.worth}</Typography>}
        {offer.place === null && (
          <Typography>
            None of your places is a cold shelf or a garage: choose one, or add it under Site, Places.
          </Typography>
        )}
        <ChoiceField
          label="Where"
          name="coldPlace"
          value={place?.id ?? ""}
          onChange={setChosen}
          choices={places.map((p) => [p.id, p.name] as const)}
        />
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
