import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { CostAssumptions } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { NumberField } from "../../shared/NumberField";

const FIELDS: [keyof CostAssumptions, string, string, number][] = [
  ["seedEach", "A seed", "0 for gathered seed", 1000],
  ["mixPerLitre", "A litre of mix", "", 1000],
  ["containerEach", "A tray or container", "spread over its uses", 1000],
  ["perKWh", "A kWh", "", 1000],
  ["lampWatts", "Lamps over a tray, W", "", 10_000],
  ["matWatts", "Mat under a tray, W", "on the mean of its thermostat", 10_000],
  ["perHour", "An hour of work", "0 leaves it out", 10_000],
  ["minutesAGesture", "Minutes a time", "hands on it", 600],
  ["boughtPlant", "A plant bought", "to set beside", 10_000],
];

/** What things cost, in the grower's own money. */
export function CostFields({ costs }: { costs: CostAssumptions }) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Record<string, number | null>>(() => ({ ...costs }));
  const [error, setError] = useState<unknown>(null);
  const save = async () => {
    setError(null);
    try {
      const whole = Object.fromEntries(
        FIELDS.map(([key]) => [key, draft[key] ?? (key === "boughtPlant" ? null : costs[key])]),
      ) as unknown as CostAssumptions;
      await answered(api.PUT("/api/closing/costs", { body: whole }));
      await queries.invalidateQueries({ queryKey: ["closing"] });
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="prices" sx={{ "@media print": { display: "none" } }}>
      <Typography variant="h2">Your prices</Typography>
      <Typography variant="body2" sx={{ mb: 1 }}>
        In your own money. The ones it begins with are invented.
      </Typography>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(5, 1fr)" } }}>
        {FIELDS.map(([key, label, helper, max]) => (
          <NumberField
            key={key}
            label={label}
            name={key}
            value={draft[key] ?? null}
            onChange={(value) => setDraft((before) => ({ ...before, [key]: value }))}
            min={0}
            max={max}
            whole={false}
            helper={helper || " "}
          />
        ))}
      </Box>
      <Failure error={error} />
      <ForRole role="grower">
        <Button variant="outlined" onClick={() => void save()}>
          use these prices
        </Button>
      </ForRole>
    </Card>
  );
}
