import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Checkbox, FormControlLabel, FormGroup, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { answered, api } from "../../api/client";
import { useSpecies, useHardiness } from "../../book/queries";
import type { Appetite, LeaveClock, SpeciesEdit, SpeciesView } from "../../api/types";
import { useUnsaved } from "../../shared/useUnsaved";
import { NoSuchView } from "../../shared/NoSuchView";
import { Card } from "../../shared/Card";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { MeasureField } from "../../shared/MeasureField";
import type { Measure } from "../../shared/units";
import { AlarmMark } from "../../shared/AlarmMark";
import { PlantedFields } from "./PlantedFields";
import { germinationOf, growsOf, halfSaid, numbersOf, numbersToSend } from "./speciesDraft";
import type { SpeciesNumbers } from "./speciesDraft";
import { WordsField } from "../../shared/WordsField";
import { Form } from "../../shared/Form";

type Species = SpeciesView["species"];
type Planted = NonNullable<Species["planted"]>;

/** The values of a species: a grower's own in the place of starter ones, or a species that the library lacks. */
export function SpeciesForm() {
  const { id } = useParams();
  const species = useSpecies();
  if (species.error) return <Failure error={species.error} />;
  if (!species.data) return <Loading what="the species" />;
  if (id === undefined) return <Fields species={null} notEntered={[]} />;
  const view = species.data.find((s) => s.species.id === id);
  return view ? (
    <Fields key={id} species={view.species} notEntered={view.notEntered} stamp={view.stamp ?? undefined} />
  ) : (
    <NoSuchView />
  );
}

/** Values that may stay open; what is reckoned with until somebody knows. */
const OPEN = ["dormancyClass", "hazard", "hardiness", "longevity"] as const;
type Open = (typeof OPEN)[number];

interface FormProps {
  species: Species | null;
  /** Values of it that nobody entered. */
  notEntered: SpeciesView["notEntered"];
  stamp?: string;
}

function Fields({ species, notEntered, stamp }: FormProps) {
  // as it was when the form was opened
  const [asOf] = useState(stamp);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const hardinesses = useHardiness().data ?? [];
  const [scientificName, setScientificName] = useState(species?.scientificName ?? "");
  const [commonName, setCommonName] = useState(species?.commonName ?? "");
  const [dormancyClass, setClass] = useState<Species["dormancyClass"]>(
    species?.dormancyClass ?? "physiological",
  );
  const [depth, setDepth] = useState<Species["depth"]>(species?.depth ?? null);
  const [flags, setFlags] = useState<Species["flags"]>(species?.flags ?? []);
  const [hazard, setHazard] = useState<Species["hazard"]>(
    // with care until somebody looked it up
    species?.hazard ?? "irritant",
  );
  const [hazardNote, setHazardNote] = useState(species?.hazardNote ?? "");
  const [lookAlike, setLookAlike] = useState(species?.lookAlike ?? "");
  const [hardiness, setHardiness] = useState<Species["hardiness"]>(species?.hardiness ?? "hardy");
  const [water, setWater] = useState<Species["water"]>(species?.water ?? null);
  const [longevity, setLongevity] = useState<Species["longevity"]>(species?.longevity ?? "medium");
  const [notes, setNotes] = useState(species?.notes ?? "");
  const [origin, setOrigin] = useState("");
  // from a photo of the seed
  const measured = Number(useSearchParams()[0].get("seedWidth")) || null;
  const [numbers, setNumbers] = useState(() => numbersOf(species, measured));
  const [grows, setGrows] = useState(() => growsOf(species));
  const [planted, setPlanted] = useState<Planted | null>(species?.planted ?? null);
  const [open, setOpen] = useState<Open[]>(() =>
    OPEN.filter((value) => species === null || notEntered?.includes(value)),
  );
  const [error, setError] = useState<unknown>(null);
  const [unsaved, letGo] = useUnsaved([
    scientificName,
    commonName,
    dormancyClass,
    depth,
    flags,
    hazard,
    hazardNote,
    lookAlike,
    hardiness,
    water,
    longevity,
    notes,
    numbers,
    grows,
    planted,
    open,
    origin,
  ]);
  const germination = germinationOf(numbers);
  const half = halfSaid(numbers);
  const complete =
    scientificName.trim() && commonName.trim() && origin.trim() && germination && half.length === 0;

  const save = async () => {
    if (!germination) return;
    const body: SpeciesEdit = {
      scientificName,
      commonName,
      dormancyClass,
      depth: depth ?? null,
      flags,
      hazard,
      hazardNote: hazardNote.trim() || null,
      lookAlike: lookAlike.trim() || null,
      germination,
      ...numbersToSend(numbers, grows),
      hardiness,
      longevity,
      water,
      planted: planted && { ...planted, spacingCm: numbers.spacingCm },
      notes: notes.trim() || null,
      origin,
      notEntered: open,
    };
    setError(null);
    try {
      const saved = await answered(
        species
          ? api.PUT("/api/species/{id}", { params: { path: { id: species.id }, query: { asOf } }, body })
          : api.POST("/api/species", { body }),
      );
      await queries.invalidateQueries();
      letGo();
      await navigate(`/species/${saved.species.id}`);
    } catch (refused) {
      setError(refused);
    }
  };
  // a value that nobody entered is told as not known, with what is taken for now
  const choice = <T extends string>(
    value: Open,
    label: string,
    name: string,
    chosen: T,
    set: (next: T) => void,
    words: readonly (readonly [T, string])[],
  ) => (
    <ChoiceField<T | "">
      label={label}
      name={name}
      value={open.includes(value) ? "" : chosen}
      onChange={(next) => {
        if (next === "") return;
        set(next);
        setOpen((before) => before.filter((v) => v !== value));
      }}
      choices={[...(open.includes(value) ? ([["", "not known"]] as const) : []), ...words]}
      {...(open.includes(value)
        ? { helper: `assumed for now: ${words.find(([w]) => w === chosen)?.[1] ?? chosen}` }
        : {})}
    />
  );
  const number = (label: string, name: keyof SpeciesNumbers, measure: Measure, min: number, max: number) => (
    <MeasureField
      label={label}
      name={name}
      measure={measure}
      value={numbers[name]}
      onChange={(value) => setNumbers((before) => ({ ...before, [name]: value }))}
      min={min}
      max={max}
    />
  );
  const weeks = (
    label: string,
    name: "fromWeeks" | "toWeeks" | "repotWeeks",
    unit?: string,
    helper?: string,
  ) => (
    <NumberField
      label={label}
      name={name}
      value={grows[name]}
      onChange={(value) => setGrows((before) => ({ ...before, [name]: value }))}
      min={1}
      max={300}
      {...(unit ? { unit } : {})}
      {...(helper ? { helper } : {})}
    />
  );
  const grid = { display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", md: "repeat(4, 1fr)" } };
  return (
    <Card label="values of the species">
      {unsaved}
      <Typography variant="h1" sx={{ mb: 0.5 }}>
        {species ? `${species.commonName}: your own values` : "A species of your own"}
      </Typography>
      <Typography sx={{ mb: 2 }}>
        {species
          ? "Your value is used instead of the starter value, with the source you give. The starter value is kept."
          : "It starts with the simplest route; change that next."}
      </Typography>
      <Form sx={{ display: "grid", gap: 2 }} error={error} send={() => void save()}>
        <Box sx={{ ...grid, gridTemplateColumns: { xs: "1fr", md: "1fr 1fr 2fr" } }}>
          <WordsField label="Common name" name="commonName" value={commonName} onChange={setCommonName} />
          <WordsField
            label="Scientific name"
            name="scientificName"
            value={scientificName}
            onChange={setScientificName}
          />
          <WordsField
            label={species ? "Where the changed values come from" : "Where the values come from"}
            name="origin"
            value={origin}
            onChange={setOrigin}
            helper="for instance own results 2026, or a local handbook with its page"
          />
        </Box>
        <Box sx={grid}>
          {choice(
            "dormancyClass",
            "Dormancy",
            "dormancyClass",
            dormancyClass,
            setClass,
            wordsOf(WORDS.DormancyClass),
          )}
          <ChoiceField
            label="Depth of dormancy"
            name="depth"
            value={depth ?? "unknown"}
            onChange={(value) => setDepth(value === "unknown" ? null : value)}
            choices={[["unknown", "not known"], ...wordsOf(WORDS.DormancyDepth)]}
          />
          {choice(
            "hardiness",
            "Seedlings",
            "hardiness",
            hardiness,
            setHardiness,
            hardinesses.map((h) => [h.hardiness, h.words] as const),
          )}
          <ChoiceField
            label="Water"
            name="water"
            value={water ?? "byStage"}
            onChange={(value) => setWater(value === "byStage" ? null : value)}
            choices={[["byStage", "by its seed and stage"], ...wordsOf(WORDS.WaterRegime)]}
          />
          {choice("longevity", "Seed keeps", "longevity", longevity, setLongevity, wordsOf(WORDS.Longevity))}
        </Box>
        <Box sx={grid}>
          {number("Comes up from", "lowC", "temperature", -10, 45)}
          {number("to", "highC", "temperature", -10, 45)}
          {number("By night from", "nightLowC", "temperature", -10, 45)}
          {number("to", "nightHighC", "temperature", -10, 45)}
          {number("Sown from", "depthLowMm", "length", 0, 200)}
          {number("to", "depthHighMm", "length", 0, 200)}
          {number("Seed width", "widthMm", "length", 0.01, 100)}
          {number("Seed thickness", "thicknessMm", "length", 0.01, 100)}
        </Box>
        <Box sx={grid}>
          <ChoiceField<LeaveClock | "asMost">
            label="Seedlings leave the tray"
            name="leaves"
            value={grows.leaves ?? "asMost"}
            onChange={(value) => setGrows({ ...grows, leaves: value === "asMost" ? null : value })}
            choices={[["asMost", "as most kinds do"], ...wordsOf<LeaveClock>(WORDS.LeaveClock)]}
          />
          {grows.leaves === "height" && number("At a height of", "leaveHeightCm", "width", 0.5, 100)}
          {grows.leaves === "weeks" && (
            <>
              {weeks("Weeks after sowing from", "fromWeeks")}
              {weeks("to", "toWeeks")}
            </>
          )}
          <ChoiceField<Appetite | "asMost">
            label="Feeding"
            name="appetite"
            value={grows.appetite ?? "asMost"}
            onChange={(value) => setGrows({ ...grows, appetite: value === "asMost" ? null : value })}
            choices={[["asMost", "as most kinds"], ...wordsOf<Appetite>(WORDS.Appetite)]}
          />
          {weeks("Next pot every", "repotWeeks", "weeks", "leave empty if its pot will do")}
        </Box>
        <PlantedFields
          planted={planted}
          change={setPlanted}
          spacing={number("Spacing", "spacingCm", "width", 1, 2000)}
        />
        <Typography variant="body2">
          Cold counts not at all below the first temperature, fully between the two in the middle, not at all
          above the last; empty for the starter response of its kind.
        </Typography>
        <Box sx={grid}>
          {number("Cold counts above", "noneBelowC", "temperature", -20, 30)}
          {number("fully from", "fullFromC", "temperature", -20, 30)}
          {number("fully to", "fullToC", "temperature", -20, 30)}
          {number("and below", "noneAboveC", "temperature", -20, 30)}
        </Box>
        <FormGroup row aria-label="traits">
          {(Object.keys(WORDS.SpeciesFlag) as Species["flags"]).map((flag) => (
            <FormControlLabel
              key={flag}
              control={
                <Checkbox
                  checked={flags.includes(flag)}
                  onChange={(event) =>
                    setFlags((before) =>
                      event.target.checked ? [...before, flag] : before.filter((f) => f !== flag),
                    )
                  }
                />
              }
              label={WORDS.SpeciesFlag[flag]}
            />
          ))}
        </FormGroup>
        <Box sx={{ ...grid, gridTemplateColumns: { xs: "1fr", md: "1fr 1.5fr 1.5fr" } }}>
          {choice("hazard", "Hazard", "hazard", hazard, setHazard, wordsOf(WORDS.HazardLevel))}
          <WordsField
            label="What is hazardous"
            name="hazardNote"
            value={hazardNote}
            onChange={setHazardNote}
          />
          <WordsField label="Look-alike" name="lookAlike" value={lookAlike} onChange={setLookAlike} />
        </Box>
        <WordsField label="Notes" name="notes" lines="many" value={notes} onChange={setNotes} />
        {half.length > 0 && (
          <Typography role="status" sx={{ display: "flex", gap: 0.5 }}>
            <AlarmMark />
            <span>Enter {half.join(", and ")} together, or leave all of them empty.</span>
          </Typography>
        )}
        <Failure error={error} />
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button type="submit" variant="contained" disabled={!complete}>
            {species ? "Save your values" : "Add the species"}
          </Button>
          <Button component={Link} to={species ? `/species/${species.id}` : "/species"}>
            Cancel
          </Button>
        </Box>
      </Form>
    </Card>
  );
}
