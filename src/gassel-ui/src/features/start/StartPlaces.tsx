import { useState } from "react";
import { Box, Button, Checkbox, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { Place } from "../../api/types";
import { usePlaces } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { degrees, useUnits } from "../../shared/units";
import { draftFrom, toKeep } from "../places/placeDraft";

/** Which of the usual places there are here; the others are put by, and can be used again. */
export function StartPlaces({ next }: { next: () => void }) {
  const places = usePlaces().data;
  const queries = useQueryClient();
  const units = useUnits();
  const { palette } = useDevice();
  const [changed, setChanged] = useState<ReadonlyMap<string, boolean>>(new Map());
  const [error, setError] = useState<unknown>(null);
  if (!places) return <Loading what="the places" />;
  const isUsed = (place: Place) => changed.get(place.id) ?? place.retiredOn === null;
  const save = async () => {
    setError(null);
    try {
      for (const place of places.filter((p) => isUsed(p) !== (p.retiredOn === null)))
        await answered(
          api.PUT("/api/places/{id}", {
            params: { path: { id: place.id } },
            body: toKeep(draftFrom(place), !isUsed(place)),
          }),
        );
      await queries.invalidateQueries();
      next();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <>
      <Typography variant="h1">Which places do you have?</Typography>
      <Typography>
        Leave those ticked that you use. Names, temperatures and others you can enter later.
      </Typography>
      <Box sx={{ display: "grid", gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" }, columnGap: 2 }}>
        {places.map((place) => (
          <Box
            key={place.id}
            component="label"
            sx={{
              display: "flex",
              alignItems: "center",
              minHeight: 48,
              cursor: "pointer",
              borderBottom: `1px solid ${palette.line}`,
            }}
          >
            <Checkbox
              checked={isUsed(place)}
              onChange={(event) => setChanged(new Map(changed).set(place.id, event.target.checked))}
              data-testid={`has-${place.id}`}
              sx={{ width: 48, height: 48 }}
            />
            <Typography>
              {place.name}
              {!place.isOutdoors && (
                <Typography component="span" color="text.secondary">
                  , taken as {degrees(place.dayC, units)}
                </Typography>
              )}
            </Typography>
          </Box>
        ))}
      </Box>
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="contained" onClick={() => void save()}>
          Next: what now
        </Button>
        <Button component={Link} to="/site/places">
          Add a place of your own
        </Button>
      </Box>
    </>
  );
}
