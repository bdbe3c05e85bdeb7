import { useState } from "react";
import { Box, Button, MenuItem, TextField, Typography } from "@mui/material";
import { Link } from "react-router";
import type { FrostDay, LotView, SpeciesView } from "../../api/types";
import { Card } from "../../shared/Card";
import { DayField } from "../../shared/DayField";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { actDay, addDays, monthDayWords } from "../../time/days";
import type { Day } from "../../time/days";
import { AIMS, frostOf, SOWN, usualWeeks } from "./wish";
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
        {lots.length === 0 && (
          <Typography sx={{ fontWeight: 600 }} data-testid="no-seed-yet">
            No seed of this yet: planned on seed to be found.{" "}
            <Link to={`/seed?new=${wish.speciesId}`}>Enter a lot</Link>
          </Typography>
        )}
        {lots.length > 0 && (
          <TextField
            select
            label="Lot"
            name="lotId"
            value={lot?.id ?? ""}
            onChange={(event) => change({ lotId: Number(event.target.value) })}
            helperText={lot && lotWords(lot, route?.id)}
          >
            {lots.map((l) => (
              <MenuItem key={l.id} value={l.id}>
                {l.id}: {l.details.lot.gatheredAt || "bought"}, {l.details.lot.gatheredOn.slice(0, 4)}
              </MenuItem>
            ))}
          </TextField>
        )}
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
          onChange={(event) => {
            const aim = event.target.value as Wish["aim"];
            change({ aim, ...usualWeeks(aim) });
          }}
        >
          {AIMS.map((aim) => (
            <MenuItem key={aim.id} value={aim.id}>
              {aim.words}
            </MenuItem>
          ))}
        </TextField>
        <Measured wish={wish} change={change} frostDays={frostDays} today={today} />
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
        <TextField
          select
          label="Sown"
          name="cells"
          value={wish.sown}
          onChange={(event) => change({ sown: event.target.value as Wish["sown"] })}
        >
          {SOWN.map((s) => (
            <MenuItem key={s.id} value={s.id}>
              {s.words}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Name of the batch"
          name="batchName"
          value={wish.name}
          onChange={(event) => change({ name: event.target.value })}
          helperText="if you like, beside its species"
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
          {more ? "fewer wishes" : "confidence, survival, containers"}
        </Button>
        {more && <MoreWishes wish={wish} change={change} />}
      </Box>
    </Card>
  );
}

/** From which day of which year the target is measured. */
function Measured({
  wish,
  change,
  frostDays,
  today,
}: Pick<PlanFormProps, "wish" | "change" | "frostDays" | "today">) {
  const byFreeze = wish.aim === "plantsBeforeFreeze";
  if (!byFreeze && wish.aim !== "sowByFrost" && wish.aim !== "plantsByFrost") return null;
  const choices = frostDays.filter((d) => (d.kind === "groundFreeze") === byFreeze);
  const frost = frostOf(wish, frostDays);
  const own = byFreeze ? choices.length === 0 : wish.from === "own" || choices.length === 0;
  const weeks = byFreeze ? wish.weeksBeforeFreeze : wish.weeks;
  const signed = byFreeze && weeks !== null ? -weeks : weeks;
  return (
    <>
      {byFreeze ? (
        <NumberField
          key="before"
          label="Weeks before the ground freezes"
          name="weeksBeforeFreeze"
          value={wish.weeksBeforeFreeze}
          onChange={(weeksBeforeFreeze) => change({ weeksBeforeFreeze })}
          min={0}
          max={26}
          helper={
            signed !== null && frost
              ? `${actDay(addDays(frost, 7 * signed), today)}; four to eight is usual`
              : "four to eight is usual"
          }
        />
      ) : (
        <NumberField
          key="from"
          label="Weeks from last frost"
          name="weeks"
          value={wish.weeks}
          onChange={(value) => change({ weeks: value })}
          min={-52}
          max={104}
          helper={
            signed !== null && frost
              ? `${weekWords(signed)}: ${actDay(addDays(frost, 7 * signed), today)}`
              : "before it with a minus, as −6"
          }
        />
      )}
      {!byFreeze && choices.length > 0 && (
        <TextField
          select
          label="Last frost taken as"
          name="frostFrom"
          value={wish.from}
          onChange={(event) => change({ from: event.target.value as Wish["from"] })}
          helperText={choices.find((d) => d.kind === wish.from)?.words}
        >
          {choices.map((d) => (
            <MenuItem key={d.kind} value={d.kind}>
              {monthDayWords(d.monthDay)}: {d.kind === "lastFrostSafe" ? "the safer day" : "the usual day"}
            </MenuItem>
          ))}
          <MenuItem value="own">a day of your own</MenuItem>
        </TextField>
      )}
      {byFreeze && choices[0] && (
        <Typography variant="body2">
          The ground freezes {monthDayWords(choices[0].monthDay)}: {choices[0].words}.
        </Typography>
      )}
      {own ? (
        <DayField
          label={byFreeze ? "Ground freezes" : "Last frost"}
          name="lastFrost"
          value={wish.frost}
          today={today}
          onChange={(value) => change({ frost: value })}
        />
      ) : (
        <NumberField
          label="Year"
          name="year"
          value={wish.year}
          onChange={(year) => change({ year })}
          min={1900}
          max={2200}
        />
      )}
    </>
  );
}

/** What is seldom changed. */
function MoreWishes({ wish, change }: Pick<PlanFormProps, "wish" | "change">) {
  const share = (label: string, name: "toPot" | "toHardened" | "toPlanted") => (
    <NumberField
      label={label}
      name={name}
      value={wish[name]}
      onChange={(value) => change({ [name]: value })}
      min={1}
      max={100}
      whole={false}
      unit="%"
    />
  );
  return (
    <>
      <NumberField
        label="How sure"
        name="confidence"
        value={wish.confidencePercent}
        onChange={(confidencePercent) => change({ confidencePercent })}
        min={1}
        max={99.9}
        whole={false}
        unit="%"
        helper="chance to reach the plants wanted"
      />
      <Typography variant="h3">Survival, our assumption</Typography>
      {share("Seedling to pot", "toPot")}
      {share("Pot to hardened", "toHardened")}
      {share("Hardened to planted", "toPlanted")}
      <NumberField
        label="Spread over trays or containers"
        name="containers"
        value={wish.containers}
        onChange={(containers) => change({ containers })}
        min={1}
        max={60}
      />
      <NumberField
        label="Of these lost whole"
        name="loss"
        value={wish.lossPercent}
        onChange={(lossPercent) => change({ lossPercent })}
        min={0}
        max={99}
        unit="%"
        helper="to damping off, mice or a freeze (our assumption)"
      />
    </>
  );
}

function lotWords(lot: LotView, routeId: string | undefined): string {
  const outlook = lot.outlooks.find((o) => o.routeId === routeId) ?? lot.outlooks[0];
  return `${lot.seedsLeft} seeds left${outlook ? `; ${percent(outlook.rate)} to come up` : ""}`;
}

function weekWords(weeks: number): string {
  if (weeks === 0) return "on it";
  const count = Math.abs(weeks);
  return `${count} ${count === 1 ? "week" : "weeks"} ${weeks < 0 ? "before" : "after"}`;
}
