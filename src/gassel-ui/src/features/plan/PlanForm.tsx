import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { FrostDay, LotView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import type { Day } from "../../time/days";
import { FromArea } from "./FromArea";
import { MeasuredFrom } from "./MeasuredFrom";
import { MoreWishes } from "./MoreWishes";
import { AIMS, SOWN, usualWeeks } from "./wish";
import type { Wish } from "./wish";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

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
  frostDays: FrostDay[];
  today: Day;
}

const DAY_LABELS = { sowOn: "Sowing day", plantsOn: "Plants ready on", startOn: "Started on" };

/** What is wanted: species, lot, route, the day aimed at, how many and how sown. */
export function PlanForm({ wish, change, species, lots, lot, route, frostDays, today }: PlanFormProps) {
  const chosen = species.find((s) => s.id === wish.speciesId);
  const [more, setMore] = useState(false);
  return (
    <Card label="what you want">
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Plan
      </Typography>
      <Box
        component="form"
        noValidate
        sx={{ display: "grid", gap: 1.25 }}
        onSubmit={(event) => event.preventDefault()}
      >
        <ChoiceField
          label="Species"
          name="speciesId"
          value={wish.speciesId}
          onChange={(speciesId) => change({ speciesId, routeId: null })}
          choices={species.map((s) => [s.id, s.commonName])}
        />
        {lots.length === 0 && (
          <Typography sx={{ fontWeight: 600 }} data-testid="no-seed-yet">
            No seed of this yet: planned for seed you still need to find.{" "}
            <Link to={`/seed?new=${wish.speciesId}`}>Enter a lot</Link>
          </Typography>
        )}
        {lots.length > 0 && (
          <ChoiceField
            label="Lot"
            name="lotId"
            value={lot ? String(lot.id) : ""}
            onChange={(id) => change({ lotId: Number(id) })}
            helper={lot && lotWords(lot, route?.id)}
            choices={lots.map((l) => [
              String(l.id),
              `${l.id}: ${l.details.lot.gatheredAt || "bought"}, ${l.details.lot.gatheredOn.slice(0, 4)}`,
            ])}
          />
        )}
        {chosen && chosen.routes.length > 1 && (
          <ChoiceField
            label="Route"
            name="routeId"
            value={route?.id ?? ""}
            onChange={(routeId) => change({ routeId })}
            choices={chosen.routes.map((r) => [r.id, r.name])}
          />
        )}
        <ChoiceField
          label="Aim at"
          name="target"
          value={wish.aim}
          onChange={(aim) => change({ aim, ...usualWeeks(aim) })}
          choices={AIMS.map((aim) => [aim.id, aim.words])}
        />
        <MeasuredFrom wish={wish} change={change} frostDays={frostDays} today={today} />
        {(wish.aim === "sowOn" || wish.aim === "plantsOn" || wish.aim === "startOn") && (
          <DayField
            label={DAY_LABELS[wish.aim]}
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
        <FromArea
          key={wish.speciesId}
          spacingCm={chosen?.planted?.spacingCm ?? null}
          take={(plants) => change({ plants })}
        />
        <ChoiceField
          label="Sown"
          name="cells"
          value={wish.sown}
          onChange={(sown) => change({ sown })}
          choices={SOWN.map((s) => [s.id, s.words])}
        />
        <WordsField
          label="Name of the batch"
          name="batchName"
          value={wish.name}
          onChange={(written) => change({ name: written })}
          helper="optional"
        />
        <NumberField
          label="Second sowing after, weeks"
          name="secondWeeks"
          value={wish.secondWeeks}
          onChange={(secondWeeks) => change({ secondWeeks })}
          min={1}
          max={26}
          helper="empty for one sowing"
        />
        {wish.secondWeeks !== null && (
          <NumberField
            label="Seed in the first sowing"
            name="firstShare"
            value={wish.firstSharePercent}
            onChange={(firstSharePercent) => change({ firstSharePercent })}
            min={1}
            max={99}
            unit="%"
          />
        )}
        <Button onClick={() => setMore(!more)} aria-expanded={more} sx={{ justifySelf: "start", px: 1 }}>
          {more ? "Fewer options" : "Cover, place, confidence, survival, containers"}
        </Button>
        {more && (
          <MoreWishes
            wish={wish}
            change={change}
            outdoors={route !== undefined && route.setting !== "indoors"}
          />
        )}
      </Box>
    </Card>
  );
}

function lotWords(lot: LotView, routeId: string | undefined): string {
  const outlook = lot.outlooks.find((o) => o.routeId === routeId) ?? lot.outlooks[0];
  return `${lot.seedsLeft} seeds left${outlook ? `; ${percent(outlook.rate)} to come up` : ""}`;
}
