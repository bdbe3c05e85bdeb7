import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { Link } from "react-router";
import { WORDS } from "../../api/words";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { LookPace, Place, PlaceKindView } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { Form, IN_DIALOG } from "../../shared/Form";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { LampFields } from "./LampFields";
import { draftFrom, draftOf, KIND_CHOICES, kindOf, kindWords, toKeep } from "./placeDraft";
import type { PlaceDraft } from "./placeDraft";
import { WordsField } from "../../shared/WordsField";

interface PlaceDialogProps {
  /** Null for a new one. */
  place: Place | null;
  kinds: PlaceKindView[];
  close: () => void;
}

/** A place of one's own: its name, what it is like, and how much fits. */
export function PlaceDialog({ place, kinds, close }: PlaceDialogProps) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<PlaceDraft>(() =>
    place ? draftFrom(place) : draftOf("coldShelf", kinds),
  );
  const [error, setError] = useState<unknown>(null);
  const change = (part: Partial<PlaceDraft>) => setDraft((before) => ({ ...before, ...part }));
  const kind = kindOf(draft.kind);
  const trait = kinds.find((k) => k.kind === kind);
  const lit = trait?.isLit ?? false;
  const retired = place !== null && place.retiredOn !== null;
  const save = async (retire: boolean) => {
    setError(null);
    const body = { ...toKeep(draft, retire), ...(lit ? {} : { lamps: null }) };
    try {
      await answered(
        place
          ? api.PUT("/api/places/{id}", { params: { path: { id: place.id } }, body })
          : api.POST("/api/places", { body }),
      );
      await queries.invalidateQueries();
      close();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="place-title">
      <DialogTitle id="place-title">{place ? place.name : "Add a place"}</DialogTitle>
      <Form error={error} send={() => void save(retired)} sx={IN_DIALOG}>
        <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
          {place ? (
            <Typography color="text.secondary">
              {kindWords(place)}
              {retired && "; retired: nothing new comes here"}
            </Typography>
          ) : (
            <ChoiceField
              label="What it is"
              name="kind"
              value={draft.kind}
              onChange={(next) => setDraft((before) => ({ ...draftOf(next, kinds), name: before.name }))}
              choices={KIND_CHOICES}
            />
          )}
          <WordsField
            label="Name"
            name="name"
            value={draft.name}
            onChange={(written) => change({ name: written })}
            helper="As you call it, for example Fridge in the shed"
            max={60}
          />
          <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: "1fr 1fr" }}>
            <MeasureField
              label="By day"
              name="dayC"
              measure="temperature"
              value={draft.dayC}
              onChange={(dayC) => change({ dayC })}
              min={-40}
              max={50}
            />
            <MeasureField
              label="By night"
              name="nightC"
              measure="temperature"
              value={draft.nightC}
              onChange={(nightC) => change({ nightC })}
              min={-40}
              max={50}
            />
          </Box>
          <Typography variant="body2" color="text.secondary">
            Assumed until a thermometer measures it.
          </Typography>
          <NumberField
            label="Room for"
            name="capacity"
            value={draft.capacity}
            onChange={(capacity) => change({ capacity })}
            min={0}
            max={100_000}
            unit={trait?.holds ?? ""}
            helper="leave it empty if you did not count; planning checks it"
          />
          <ChoiceField<LookPace | "byKind">
            label="Looked round"
            name="looks"
            value={draft.looks ?? "byKind"}
            onChange={(looks) => change({ looks: looks === "byKind" ? null : looks })}
            helper="how often Rounds asks for its water"
            choices={[["byKind", "by its kind and the weather"], ...wordsOf<LookPace>(WORDS.LookPace)]}
          />
          {place && (
            <Typography variant="body2">
              <Link to={`/site/temperature/${place.id}`} style={{ color: "inherit" }}>
                Its thermometer and readings
              </Link>
            </Typography>
          )}
          {lit && (
            <LampFields
              kept={place?.lamps ?? null}
              lamps={draft.lamps}
              onChange={(lamps) => change({ lamps })}
            />
          )}
          <Failure error={error} />
        </DialogContent>
        <DialogActions sx={{ flexWrap: "wrap", gap: 1 }}>
          {place && (
            <Button onClick={() => void save(!retired)} sx={{ mr: "auto" }}>
              {retired ? "Use it again" : "Retire this place"}
            </Button>
          )}
          <Button onClick={close}>Cancel</Button>
          <Button
            type="submit"
            variant="contained"
            disabled={draft.name.trim() === "" || draft.dayC === null}
          >
            Save
          </Button>
        </DialogActions>
      </Form>
    </Dialog>
  );
}
