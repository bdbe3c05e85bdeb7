import { useState } from "react";
import { Box, Button, TextField, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { placesQuery } from "../../book/queries";
import type { Place } from "../../api/types";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { ForRole } from "../../people/ForRole";

const UNITS: Record<Place["kind"], string> = {
  table: "bags",
  coldShelf: "bags",
  warmShelf: "bags",
  lampShelf: "trays",
  heatMat: "trays",
  yard: "containers",
};

interface LampFieldsProps {
  place: Place;
  lamps: Place["lamps"];
  onChange: (lamps: Place["lamps"]) => void;
}

const TIMES = [
  ["on", "lamps on"],
  ["off", "lamps off"],
] as const;

/** The timer of the lamps, with the hours of light and dark that it makes. */
function LampFields({ place, lamps, onChange }: LampFieldsProps) {
  const set = (which: "on" | "off", text: string) =>
    onChange(
      text === ""
        ? null
        : {
            ...(lamps ?? {
              on: "05:00:00",
              off: "21:00:00",
              lightHours: 0,
              darkHours: 0,
              words: "",
              warning: null,
            }),
            [which]: `${text}:00`,
          },
    );
  const kept = lamps?.on === place.lamps?.on && lamps?.off === place.lamps?.off;
  return (
    <>
      <Typography variant="body2" sx={{ pt: 1.5 }}>
        {lamps === null
          ? "timer not set"
          : kept
            ? `${lamps.words}. ${lamps.warning ?? ""}`
            : "hours appear when you save"}
      </Typography>
      {TIMES.map(([which, label]) => (
        <TextField
          key={which}
          label={label}
          name={`lamps-${which}-${place.id}`}
          type="time"
          value={lamps?.[which].slice(0, 5) ?? ""}
          onChange={(event) => set(which, event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ mb: 2.5 }}
        />
      ))}
    </>
  );
}

/** The places with the temperature they are taken to have, and how much fits. */
export function PlacesCard({ places }: { places: Place[] }) {
  const queries = useQueryClient();
  const [rows, setRows] = useState(() =>
    places.map((p) => ({
      id: p.id,
      assumedC: p.assumedC as number | null,
      capacity: p.capacity,
      lamps: p.lamps,
    })),
  );
  const [error, setError] = useState<unknown>(null);
  const [saved, setSaved] = useState(false);
  const change = (id: string, part: Partial<(typeof rows)[number]>) => {
    setSaved(false);
    setRows((before) => before.map((row) => (row.id === id ? { ...row, ...part } : row)));
  };
  const save = async () => {
    setError(null);
    try {
      await answered(
        api.PUT("/api/places", { body: rows.map((row) => ({ ...row, assumedC: row.assumedC ?? 0 })) }),
      );
      await queries.invalidateQueries();
      const saved = await queries.fetchQuery(placesQuery);
      setRows((before) =>
        before.map((row) => ({ ...row, lamps: saved.find((p) => p.id === row.id)?.lamps ?? null })),
      );
      setSaved(true);
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="places">
      <Typography variant="h2">Places and room</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        Temperatures are assumed until something measures them. Room is checked when you plan.
      </Typography>
      {places.map((place) => {
        const row = rows.find((r) => r.id === place.id);
        return (
          <Box
            key={place.id}
            role="group"
            aria-label={place.name}
            sx={{
              display: "grid",
              gap: 1.5,
              gridTemplateColumns: "minmax(0,1fr) minmax(0,1fr) minmax(0,1fr)",
              alignItems: "start",
            }}
          >
            <Typography variant="h3" sx={{ pt: 2 }}>
              {place.name}
            </Typography>
            <MeasureField
              label="assumed"
              name={`assumed-${place.id}`}
              measure="temperature"
              value={row?.assumedC ?? null}
              onChange={(assumedC) => change(place.id, { assumedC })}
              min={-40}
              max={50}
            />
            <NumberField
              label="holds"
              name={`capacity-${place.id}`}
              value={row?.capacity ?? null}
              onChange={(capacity) => change(place.id, { capacity })}
              min={0}
              max={100_000}
              unit={UNITS[place.kind]}
            />
            {place.isLit && (
              <LampFields
                place={place}
                lamps={row?.lamps ?? null}
                onChange={(lamps) => change(place.id, { lamps })}
              />
            )}
          </Box>
        );
      })}
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 2, alignItems: "center" }}>
        <ForRole role="grower" otherwise="Only growers and the owner can change this.">
          <Button
            variant="outlined"
            onClick={() => void save()}
            disabled={rows.some((row) => row.assumedC === null)}
          >
            Save the places
          </Button>
        </ForRole>
        {saved && <Typography role="status">Saved.</Typography>}
      </Box>
    </Card>
  );
}
