import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { Place, ReadingSeries } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { Failure } from "../../shared/Failure";
import { useUnits } from "../../shared/units";
import { readingLine } from "./readingLine";
import { ReadingLine } from "./ReadingLine";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

/** A thermometer that sends its readings: made with its name, and how it sends shown once to copy. */
export function NewThermometer({ place, series }: { place: Place; series: ReadingSeries[] }) {
  const queries = useQueryClient();
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
      <Box
        sx={{ mt: 2 }}
        data-testid="new-thermometer"
        data-state={made ? (heard ? "heard" : "waiting") : "asking"}
      >
        {made ? (
          <Box>
            <Typography variant="h3">
              {heard ? "First reading received" : "Waiting for the first reading"}
            </Typography>
            <ReadingLine line={readingLine(window.location.origin, made.id, made.token, units)} />
            <Button onClick={() => setMade(null)}>Done</Button>
          </Box>
        ) : asking ? (
          <Form
            sx={{ display: "flex", gap: 1, flexWrap: "wrap", alignItems: "flex-start" }}
            error={error}
            send={() => void make()}
          >
            <WordsField label="Name of the thermometer" name="thermometer" value={name} onChange={setName} />
            <Button type="submit" variant="contained" disabled={name.trim() === ""} sx={{ minHeight: 56 }}>
              Create
            </Button>
            <Button onClick={() => setAsking(false)} sx={{ minHeight: 56 }}>
              Cancel
            </Button>
            <Failure error={error} />
          </Form>
        ) : (
          <Button variant="contained" onClick={() => setAsking(true)}>
            Add thermometer
          </Button>
        )}
      </Box>
    </ForRole>
  );
}
