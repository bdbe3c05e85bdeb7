import { Box, MenuItem, TextField, Typography } from "@mui/material";
import type { LotView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { actDay, addDays } from "../../time/days";
import type { Day } from "../../time/days";
import { AIMS } from "./wish";
import type { Wish } from "./wish";

type Species = SpeciesView["species"];

interface PlanFormProps {
  wish: Wish;
  change: (part: Partial<Wish>) => void;
  /** Those of which there is seed. */
  species: Species[];
  /** Lots of the species chosen. */
  lots: LotView[];
  lot: LotView | undefined;
  route: Species["routes"][number] | undefined;
  today: Day;
}

/** What is wanted: species, lot, route, the day aimed at, how many and how sown. */
export function PlanForm({ wish, change, species, lots, lot, route, today }: PlanFormProps) {
  const chosen = species.find((s) => s.id === wish.speciesId);
  return (
    <Card label="what you want">
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Plan
      </Typography>
      <Box
        component="form"
        noValidate
        sx={{ display: "grid", gap: 1.5 }}
        onSubmit={(event) => event.preventDefault()}
      >
        <TextField
          select
          label="Species"
          name="speciesId"
          value={wish.speciesId}
          onChange={(event) => change({ speciesId: event.target.value, routeId: null })}
        >
          {species.map((s) => (
            <MenuItem key={s.id} value={s.id}>
              {s.commonName}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label="Lot"
          name="lotId"
          value={lot?.id ?? ""}
          onChange={(event) => change({ lotId: Number(event.target.value) })}
          helperText={lot && germinationWords(lot)}
        >
          {lots.map((l) => (
            <MenuItem key={l.id} value={l.id}>
              {l.id}: {l.details.gatheredAt}
            </MenuItem>
          ))}
        </TextField>
        {chosen && chosen.routes.length > 1 && (
          <TextField
            select
            label="Route"
            name="routeId"
            value={route?.id ?? ""}
            onChange={(event) => change({ routeId: event.target.value })}
          >
            {chosen.routes.map((r) => (
              <MenuItem key={r.id} value={r.id}>
                {r.name}
              </MenuItem>
            ))}
          </TextField>
        )}
        <TextField
          select
          label="Aim at"
          name="target"
          value={wish.aim}
          onChange={(event) => change({ aim: event.target.value as Wish["aim"] })}
        >
          {AIMS.map((aim) => (
            <MenuItem key={aim.id} value={aim.id}>
              {aim.words}
            </MenuItem>
          ))}
        </TextField>
        {(wish.aim === "sowByFrost" || wish.aim === "plantsByFrost") && (
          <>
            <NumberField
              label="Weeks from last frost"
              name="weeks"
              value={wish.weeks}
              onChange={(weeks) => change({ weeks })}
              min={-52}
              max={104}
              helper={
                wish.weeks !== null && wish.frost
                  ? `${weekWords(wish.weeks)}: ${actDay(addDays(wish.frost, 7 * wish.weeks), today)}`
                  : "before it with a minus, as −6"
              }
            />
            <DayField
              label="Last frost"
              name="lastFrost"
              value={wish.frost}
              today={today}
              onChange={(frost) => change({ frost })}
            />
          </>
        )}
        {(wish.aim === "sowOn" || wish.aim === "plantsOn") && (
          <DayField
            label={wish.aim === "sowOn" ? "Sowing day" : "Plants ready on"}
            name="date"
            value={wish.date}
            today={today}
            onChange={(date) => change({ date })}
          />
        )}
        <NumberField
          label="Plants wanted"
          name="plants"
          value={wish.plants}
          onChange={(plants) => change({ plants })}
          min={1}
          max={1_000_000}
        />
        <TextField
          select
          label="Sown"
          name="cells"
          value={wish.seedsPerCell ?? 0}
          onChange={(event) => change({ seedsPerCell: Number(event.target.value) || null })}
        >
          <MenuItem value={0}>loose, or one to a cell</MenuItem>
          <MenuItem value={2}>two to a cell, thinned to one</MenuItem>
          <MenuItem value={3}>three to a cell, thinned to one</MenuItem>
        </TextField>
        <NumberField
          label="Spread over trays or containers"
          name="containers"
          value={wish.containers}
          onChange={(containers) => change({ containers })}
          min={1}
          max={60}
          helper="one in ten is lost whole (our assumption)"
        />
      </Box>
    </Card>
  );
}

function germinationWords(lot: LotView): string {
  const { test, assumedFraction } = lot.details;
  const known = test
    ? `${test.germinated} of ${test.seeds} came up in a test`
    : `${percent(assumedFraction ?? 0)} assumed`;
  return `${lot.seedsLeft} seeds left; ${known}`;
}

function weekWords(weeks: number): string {
  if (weeks === 0) return "on it";
  const count = Math.abs(weeks);
  return `${count} ${count === 1 ? "week" : "weeks"} ${weeks < 0 ? "before" : "after"}`;
}
