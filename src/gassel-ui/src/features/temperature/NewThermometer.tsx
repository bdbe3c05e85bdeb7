import { useState } from "react";
import { Box, Button, TextField, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { Place, ReadingSeries } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { Failure } from "../../shared/Failure";
import { useUnits } from "../../shared/units";
import { readingLine } from "./readingLine";

/** A thermometer that sends its readings: made with its name, and how it sends shown once to copy. */
export function NewThermometer({ place, series }: { place: Place; series: ReadingSeries[] }) {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const units = useUnits();
  const [name, setName] = useState(`${place.name}, thermometer`);
  const [asking, setAsking] = useState(false);
  const [made, setMade] = useState<{ id: string; token: string } | null>(null);
  const [error, setError] = useState<unknown>(null);
  const make = async () => {
    setError(null);
    try {
      setMade(await answered(api.POST("/api/thermometers", { body: { name, place: place.id } })));
      setAsking(false);
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const heard = made !== null && series.some((s) => s.name === name.trim() && s.count > 0);
  return (
    <ForRole role="grower">
      <Box sx={{ mt: 2 }} data-testid="new-thermometer">
        {made ? (
          <Box>
            <Typography variant="h3">
              {heard ? "First reading received" : "Waiting for the first reading"}
            </Typography>
            <Typography sx={{ mb: 0.5 }}>
              Send readings with this line, from the thermometer or from a computer. The token is shown only
              now.
            </Typography>
            <Box
              component="pre"
              data-testid="reading-line"
              sx={{
                m: 0,
                p: 1.5,
                overflowX: "auto",
                whiteSpace: "pre-wrap",
                overflowWrap: "anywhere",
                bgcolor: palette.paper,
                borderRadius: 1,
                fontSize: "0.9rem",
              }}
            >
              {readingLine(window.location.origin, made.id, made.token, units)}
            </Box>
            <Button
              onClick={() =>
                void navigator.clipboard.writeText(
                  readingLine(window.location.origin, made.id, made.token, units),
                )
              }
            >
              Copy
            </Button>
            <Button onClick={() => setMade(null)}>Done</Button>
          </Box>
        ) : asking ? (
          <Box
            component="form"
            sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "flex-start" }}
            onSubmit={(event) => {
              event.preventDefault();
              void make();
            }}
          >
            <TextField
              label="Name of the thermometer"
              name="thermometer"
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
            <Button type="submit" variant="contained" disabled={name.trim() === ""} sx={{ minHeight: 56 }}>
              Create
            </Button>
            <Button onClick={() => setAsking(false)} sx={{ minHeight: 56 }}>
              Cancel
            </Button>
          </Box>
        ) : (
          <Button variant="contained" onClick={() => setAsking(true)}>
            Add thermometer
          </Button>
        )}
        <Failure error={error} />
      </Box>
    </ForRole>
  );
}
