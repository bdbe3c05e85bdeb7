import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { CostAssumptions } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";

type PriceKey = Exclude<keyof CostAssumptions, "boughtPlants">;

const FIELDS: [PriceKey, string, string, number][] = [
  ["seedEach", "A seed", "where its lot has no price", 1000],
  ["mixPerLitre", "Mix", "", 1000],
  ["containerEach", "A tray or container", "spread over its uses", 1000],
  ["perKWh", "A kWh", "", 1000],
  ["lampWatts", "Lamps over a tray, W", "from memory: check", 10_000],
  ["matWatts", "Mat under a tray, W", "from memory: check", 10_000],
  ["perHour", "An hour of work", "", 10_000],
  ["minutesAGesture", "Minutes a time", "jobs recorded", 600],
  ["boughtPlant", "A plant bought", "of any kind", 10_000],
];

/** These have a value of their own when nothing is entered; prices have none. */
const NEVER_EMPTY: PriceKey[] = ["lampWatts", "matWatts", "minutesAGesture"];

/** What things cost, in the grower's own money. */
export function CostFields({ costs, species }: { costs: CostAssumptions; species: [string, string][] }) {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<Record<string, number | null>>(() =>
    Object.fromEntries(FIELDS.map(([key]) => [key, costs[key]])),
  );
  const [bought, setBought] = useState<Record<string, number | null>>(() => ({ ...costs.boughtPlants }));
  const [error, setError] = useState<unknown>(null);
  const save = async () => {
    setError(null);
    try {
      const prices = Object.fromEntries(
        FIELDS.map(([key]) => [key, draft[key] ?? (NEVER_EMPTY.includes(key) ? costs[key] : null)]),
      );
      const boughtPlants = Object.fromEntries(
        Object.entries(bought).flatMap(([id, price]) => (price === null ? [] : [[id, price]])),
      );
      const whole = { ...prices, boughtPlants } as unknown as CostAssumptions;
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
        In your own money. What has no price is left out of every sum.
      </Typography>
      <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(5, 1fr)" } }}>
        {FIELDS.map(([key, label, helper, max]) => {
          const field = {
            name: key,
            value: draft[key] ?? null,
            onChange: (value: number | null) => setDraft((before) => ({ ...before, [key]: value })),
            min: 0,
            max,
            helper: helper || " ",
          };
          return key === "mixPerLitre" ? (
            <MeasureField key={key} {...field} label={label} measure="perVolume" />
          ) : (
            <NumberField key={key} {...field} label={label} whole={false} />
          );
        })}
      </Box>
      {species.length > 0 && (
        <>
          <Typography variant="h3" sx={{ mt: 1 }}>
            A bought plant, by species
          </Typography>
          <Box sx={{ display: "grid", gap: 1, gridTemplateColumns: { xs: "1fr 1fr", md: "repeat(5, 1fr)" } }}>
            {species.map(([id, name]) => (
              <NumberField
                key={id}
                label={name}
                name={`bought-${id}`}
                value={bought[id] ?? null}
                onChange={(value) => setBought((before) => ({ ...before, [id]: value }))}
                min={0}
                max={10_000}
                whole={false}
                helper=" "
              />
            ))}
          </Box>
        </>
      )}
      <Failure error={error} />
      <ForRole role="grower">
        <Button variant="outlined" onClick={() => void save()}>
          Use these prices
        </Button>
      </ForRole>
    </Card>
  );
}
