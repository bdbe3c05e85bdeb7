import { useState } from "react";
import { Box, Button, MenuItem, TextField, ToggleButton, ToggleButtonGroup, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { LotDetails, LotView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { Cautions } from "../../shared/Cautions";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { NumberField } from "../../shared/NumberField";
import type { Day } from "../../time/days";

interface LotFormProps {
  lot: LotView | null;
  species: SpeciesView[];
  today: Day;
  close: () => void;
}

/** Entering a lot, or changing what was entered wrong. */
export function LotForm({ lot, species, today, close }: LotFormProps) {
  const queries = useQueryClient();
  const before = lot?.details;
  const [speciesId, setSpeciesId] = useState(before?.speciesId ?? "");
  const [gatheredAt, setGatheredAt] = useState(before?.gatheredAt ?? "");
  const [gatheredOn, setGatheredOn] = useState<Day | null>(before?.gatheredOn ?? null);
  const [seeds, setSeeds] = useState<number | null>(before?.seeds ?? null);
  const [known, setKnown] = useState<"assumed" | "tested">(before?.test ? "tested" : "assumed");
  const [assumed, setAssumed] = useState<number | null>(
    before?.assumedFraction ? before.assumedFraction * 100 : null,
  );
  const [up, setUp] = useState<number | null>(before?.test?.germinated ?? null);
  const [of, setOf] = useState<number | null>(before?.test?.seeds ?? null);
  const [note, setNote] = useState(before?.note ?? "");
  const [error, setError] = useState<unknown>(null);
  const caution = useQuery({
    queryKey: ["collecting-caution"],
    queryFn: () => answered(api.GET("/api/collecting-caution")),
  }).data;

  const complete =
    speciesId &&
    gatheredAt.trim() &&
    gatheredOn &&
    seeds !== null &&
    (known === "assumed" ? assumed !== null : up !== null && of !== null);
  const save = async () => {
    if (!gatheredOn || seeds === null) return;
    const body: LotDetails = {
      speciesId,
      gatheredAt,
      gatheredOn,
      seeds,
      assumedFraction: known === "assumed" && assumed !== null ? assumed / 100 : null,
      test: known === "tested" && up !== null && of !== null ? { germinated: up, seeds: of } : null,
      note: note.trim() || null,
    };
    setError(null);
    try {
      await answered(
        lot
          ? api.PUT("/api/lots/{id}", { params: { path: { id: lot.id } }, body })
          : api.POST("/api/lots", { body }),
      );
      await queries.invalidateQueries();
      close();
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label={lot ? `change lot ${lot.id}` : "enter a lot"}>
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        {lot ? `Lot ${lot.id}` : "A new lot"}
      </Typography>
      <Box
        component="form"
        noValidate
        sx={{ display: "grid", gap: 1.75 }}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <TextField
          select
          label="Species"
          name="speciesId"
          value={speciesId}
          onChange={(event) => setSpeciesId(event.target.value)}
        >
          {species.map(({ species: s }) => (
            <MenuItem key={s.id} value={s.id}>
              {s.commonName}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Gathered where"
          name="gatheredAt"
          value={gatheredAt}
          onChange={(event) => setGatheredAt(event.target.value)}
        />
        <DayField
          label="Gathered when"
          name="gatheredOn"
          value={gatheredOn}
          today={today}
          onChange={setGatheredOn}
        />
        <NumberField
          label="Seeds on hand"
          name="seeds"
          value={seeds}
          onChange={setSeeds}
          min={1}
          max={1_000_000}
        />
        <ToggleButtonGroup
          exclusive
          value={known}
          aria-label="germination"
          onChange={(_, next: "assumed" | "tested" | null) => next && setKnown(next)}
        >
          <ToggleButton value="assumed">germination assumed</ToggleButton>
          <ToggleButton value="tested">tested</ToggleButton>
        </ToggleButtonGroup>
        {known === "assumed" ? (
          <NumberField
            label="Share expected to come up"
            name="assumed"
            value={assumed}
            onChange={setAssumed}
            min={1}
            max={100}
            unit="%"
          />
        ) : (
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1.5 }}>
            <NumberField
              label="Came up"
              name="testGerminated"
              value={up}
              onChange={setUp}
              min={0}
              max={of ?? 10_000}
            />
            <NumberField
              label="Of seeds tested"
              name="testSeeds"
              value={of}
              onChange={setOf}
              min={1}
              max={10_000}
              helper="with the route's treatment"
            />
          </Box>
        )}
        <TextField label="Note" name="note" value={note} onChange={(event) => setNote(event.target.value)} />
        {caution && <Cautions cautions={[caution]} />}
        <Failure error={error} />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button type="submit" variant="contained" disabled={!complete}>
            {lot ? "save the lot" : "enter the lot"}
          </Button>
          <Button onClick={close}>leave</Button>
        </Box>
      </Box>
    </Card>
  );
}
