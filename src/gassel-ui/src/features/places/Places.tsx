import { useState } from "react";
import { Box, Button, IconButton, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import { WORDS } from "../../api/words";
import { usePlaceKinds, usePlaces } from "../../book/queries";
import type { Place } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { degrees, useUnits } from "../../shared/units";
import { ForRole } from "../../people/ForRole";
import { SiteParts } from "../site/SiteParts";
import { PlaceDialog } from "./PlaceDialog";
import { kindWords, swapped } from "./placeDraft";

/** Where things stand: the grower's own places, in the order in which they go round. */
export function Places() {
  const places = usePlaces();
  const kinds = usePlaceKinds();
  const queries = useQueryClient();
  const [open, setOpen] = useState<Place | "new" | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  const error = places.error ?? kinds.error;
  if (error) return <Failure error={error} />;
  if (!places.data || !kinds.data) return <Loading what="the places" />;
  const all = places.data;
  const used = all.filter((p) => p.retiredOn === null);
  const retired = all.filter((p) => p.retiredOn !== null);
  const shift = async (id: string, by: 1 | -1) => {
    setFailed(null);
    try {
      await answered(api.PUT("/api/places", { body: swapped(all, id, by) }));
      await queries.invalidateQueries();
    } catch (refused) {
      setFailed(refused);
    }
  };
  return (
    <>
      <SiteParts />
      <Card label="places">
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "center", mb: 1 }}>
          <Typography variant="h1" sx={{ mr: "auto" }}>
            Your places
          </Typography>
          <Button component="a" href="/api/places/cards.pdf" target="_blank" variant="outlined">
            Print cards to scan
          </Button>
          <ForRole role="grower" otherwise="Only growers and the owner can change places.">
            <Button variant="contained" onClick={() => setOpen("new")}>
              Add a place
            </Button>
          </ForRole>
        </Box>
        <Typography sx={{ maxWidth: "46em", mb: 1 }}>
          Rounds goes through them in this order. Temperatures are assumed until a{" "}
          <Link to="/site/temperature" style={{ color: "inherit" }}>
            thermometer
          </Link>{" "}
          measures them; room is checked when you plan. A printed card opens the jobs of its place when it is
          scanned on a phone, once the book is open to the network.
        </Typography>
        {used.map((place, i) => (
          <PlaceRow
            key={place.id}
            place={place}
            first={i === 0}
            last={i === used.length - 1}
            shift={(by) => void shift(place.id, by)}
            edit={() => setOpen(place)}
          />
        ))}
        <Failure error={failed} />
        {retired.length > 0 && (
          <>
            <Typography variant="h2" sx={{ mt: 2 }}>
              Retired
            </Typography>
            <Typography color="text.secondary">What stood there stays in the record.</Typography>
            {retired.map((place) => (
              <PlaceRow key={place.id} place={place} edit={() => setOpen(place)} />
            ))}
          </>
        )}
      </Card>
      {open !== null && (
        <PlaceDialog place={open === "new" ? null : open} kinds={kinds.data} close={() => setOpen(null)} />
      )}
    </>
  );
}

interface PlaceRowProps {
  place: Place;
  first?: boolean;
  last?: boolean;
  /** Left out where it has no turn. */
  shift?: (by: 1 | -1) => void;
  edit: () => void;
}

function PlaceRow({ place, first, last, shift, edit }: PlaceRowProps) {
  const { palette } = useDevice();
  const units = useUnits();
  const night = place.nightC ?? place.dayC;
  return (
    <Box
      data-testid={`place-${place.id}`}
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 2,
        py: 0.5,
        borderTop: `1px solid ${palette.line}`,
      }}
    >
      <Box sx={{ flex: "1 1 9em", py: 0.5 }}>
        <Typography component="span" sx={{ fontWeight: 700, mr: 1 }}>
          {place.name}
        </Typography>
        {!place.name.toLowerCase().startsWith(WORDS.PlaceKind[place.kind]) && (
          <Typography component="span" color="text.secondary">
            {kindWords(place)}
          </Typography>
        )}
        <Typography variant="body2">
          {degrees(place.dayC, units)}
          {night === place.dayC ? "" : ` by day, ${degrees(night, units)} by night`} assumed ·{" "}
          {place.capacity === null ? "room not counted" : `room for ${place.capacity} ${place.holds}`}
          {place.lamps ? ` · ${place.lamps.words}` : place.isLit ? " · lamp timer not set" : ""}
        </Typography>
        {place.lamps?.warning && (
          <Typography variant="body2" sx={{ fontWeight: 600 }}>
            {place.lamps.warning}
          </Typography>
        )}
      </Box>
      <ForRole role="grower">
        <Box sx={{ display: "flex" }}>
          {shift && (
            <>
              <IconButton
                aria-label={`${place.name}: up`}
                disabled={first ?? false}
                onClick={() => shift(-1)}
              >
                <span aria-hidden>↑</span>
              </IconButton>
              <IconButton
                aria-label={`${place.name}: down`}
                disabled={last ?? false}
                onClick={() => shift(1)}
              >
                <span aria-hidden>↓</span>
              </IconButton>
            </>
          )}
          <Button aria-label={`${place.name}: change`} onClick={edit}>
            Change
          </Button>
        </Box>
      </ForRole>
    </Box>
  );
}
