import { WORDS } from "../../api/words";
import { Fragment, lazy, Suspense, useState } from "react";
import { Box, Button, ToggleButton, ToggleButtonGroup, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { LotView, SpeciesView } from "../../api/types";
import { useUnsaved } from "../../shared/useUnsaved";
import { Card } from "../../shared/Card";
import { Cautions } from "../../shared/Cautions";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import type { Day } from "../../time/days";
import { lotInHand, toLot } from "./lotDraft";
import type { LotInHand, TestInHand } from "./lotDraft";
import { TestRow } from "./TestRow";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { Form } from "../../shared/Form";

const SeedPhotoDialog = lazy(() => import("./SeedPhotoDialog").then((m) => ({ default: m.SeedPhotoDialog })));

interface LotFormProps {
  lot: LotView | null;
  species: SpeciesView[];
  today: Day;
  /** Species that a new lot begins with; null for none. */
  startWith: string | null;
  close: () => void;
  /** It is in the book; where nothing is said it is closed. */
  saved?: (lot: LotView) => void;
}

/** Entering a lot, or changing what was entered wrong. */
export function LotForm({ lot, species, today, startWith, close, saved }: LotFormProps) {
  const queries = useQueryClient();
  const [hand, setHand] = useState<LotInHand>(() => ({
    ...lotInHand(lot?.details),
    ...(lot === null && startWith && species.some((s) => s.species.id === startWith)
      ? { speciesId: startWith }
      : {}),
  }));
  const [nextKey, setNextKey] = useState(hand.tests.length);
  const [isPhoto, setPhoto] = useState(false);
  const [fromPhotos, setFromPhotos] = useState(0);
  const [error, setError] = useState<unknown>(null);
  const caution = useQuery({
    queryKey: ["collecting-caution"],
    queryFn: () => answered(api.GET("/api/collecting-caution")),
  }).data;
  const change = (part: Partial<LotInHand>) => setHand((before) => ({ ...before, ...part }));
  const changeTest = (key: number, part: Partial<TestInHand>) =>
    setHand((before) => ({
      ...before,
      tests: before.tests.map((test) => (test.key === key ? { ...test, ...part } : test)),
    }));
  const view = species.find((s) => s.species.id === hand.speciesId);
  const [unsaved, letGo] = useUnsaved(hand);
  const ready = toLot(hand);
  const save = async () => {
    if (!("lot" in ready)) return;
    setError(null);
    try {
      const kept = await answered(
        lot
          ? api.PUT("/api/lots/{id}", {
              params: { path: { id: lot.id }, query: { asOf: lot.stamp ?? undefined } },
              body: ready.lot,
            })
          : api.POST("/api/lots", { body: ready.lot }),
      );
      await queries.invalidateQueries();
      letGo();
      if (saved) saved(kept);
      else close();
    } catch (refused) {
      setError(refused);
    }
  };
  const text = (
    label: string,
    name: "gatheredAt" | "cleaning" | "permission" | "parent" | "note",
    helper?: string,
  ) => (
    <WordsField
      label={label}
      name={name}
      value={hand[name]}
      onChange={(written) => change({ [name]: written })}
      helper={helper}
    />
  );
  const number = (
    label: string,
    name:
      | "counted"
      | "grams"
      | "seedsPerGram"
      | "purityPercent"
      | "expectedPercent"
      | "printedPercent"
      | "packedFor"
      | "price"
      | "full"
      | "empty"
      | "rotten",
    min: number,
    max: number,
    more: { whole?: boolean; unit?: string; helper?: string } = {},
  ) => (
    <NumberField
      label={label}
      name={name}
      value={hand[name]}
      onChange={(value) => change({ [name]: value })}
      min={min}
      max={max}
      {...more}
    />
  );
  const three = { display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1 };
  return (
    <Card label={lot ? `change lot ${lot.id}` : "enter a lot"}>
      {unsaved}
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        {lot ? `Lot ${lot.id}` : "A new lot"}
      </Typography>
      <Form sx={{ display: "grid", gap: 1.5 }} error={error} send={() => void save()}>
        <ChoiceField
          label="Species"
          name="speciesId"
          value={hand.speciesId}
          onChange={(speciesId) => change({ speciesId })}
          choices={species.map(({ species: s }) => [s.id, s.commonName])}
        />
        <Button component={Link} to="/species/new" sx={{ justifySelf: "start", px: 1 }}>
          Add a species
        </Button>
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
          <ChoiceField
            label="Seed is"
            name="source"
            value={hand.source}
            onChange={(source) => change({ source })}
            choices={[
              ["wildCollected", "wild-collected"],
              ["cleanedBought", "bought, cleaned"],
            ]}
          />
          <ChoiceField
            label="Kept"
            name="storage"
            value={hand.storage}
            onChange={(storage) => change({ storage })}
            helper={
              hand.storage === "coolDry" || hand.storage === "frozenDry"
                ? "storage only: dry seed in the cold counts nothing as cold-moist stratification"
                : " "
            }
            choices={wordsOf(WORDS.SeedStorage)}
          />
        </Box>
        {hand.source === "wildCollected" ? (
          <>
            {text("Gathered where", "gatheredAt")}
            <DayField
              label="Gathered when"
              name="gatheredOn"
              value={hand.gatheredOn}
              today={today}
              leaning="back"
              onChange={(gatheredOn) => change({ gatheredOn })}
            />
          </>
        ) : (
          <>
            {text("Bought from", "gatheredAt", "optional")}
            <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
              {number("Packed for the year", "packedFor", 1990, 2200)}
              {number("Germination printed on it", "printedPercent", 0.1, 100, { whole: false, unit: "%" })}
            </Box>
          </>
        )}
        <ToggleButtonGroup
          exclusive
          value={hand.byWeight ? "weighed" : "counted"}
          aria-label="amount"
          onChange={(_, next: string | null) => next && change({ byWeight: next === "weighed" })}
        >
          <ToggleButton value="counted">Seed counted</ToggleButton>
          <ToggleButton value="weighed">Weighed</ToggleButton>
        </ToggleButtonGroup>
        {hand.byWeight ? (
          <Box sx={three}>
            {number("Weight", "grams", 0.001, 1_000_000, { whole: false, unit: "g" })}
            {number("Seeds per gram", "seedsPerGram", 0.01, 1_000_000, { whole: false })}
            {number("Purity", "purityPercent", 0.1, 100, { whole: false, unit: "%" })}
          </Box>
        ) : (
          // a number from a photo stands in a field of its own, which begins with it
          <Fragment key={fromPhotos}>
            {number("Seeds on hand", "counted", 1, 100_000_000, {
              helper: "before any test; tested seed is taken off",
            })}
          </Fragment>
        )}
        {!hand.byWeight && (
          <Button variant="outlined" sx={{ justifySelf: "start" }} onClick={() => setPhoto(true)}>
            Count in a photo
          </Button>
        )}
        {isPhoto && (
          <Suspense fallback={null}>
            <SeedPhotoDialog
              speciesId={hand.speciesId}
              use={(counted) => {
                change({ counted });
                setFromPhotos(fromPhotos + 1);
                setPhoto(false);
              }}
              close={() => setPhoto(false)}
            />
          </Suspense>
        )}
        <Typography variant="h3">Cut test</Typography>
        <Box sx={three}>
          {number("Full", "full", 0, 10_000)}
          {number("Empty", "empty", 0, 10_000)}
          {number("Rotten", "rotten", 0, 10_000)}
        </Box>
        <Box sx={{ display: "flex", alignItems: "center", justifyContent: "space-between" }}>
          <Typography variant="h3">Germination tests</Typography>
          <Button
            onClick={() => {
              change({
                tests: [...hand.tests, { key: nextKey, germinated: null, seeds: null, on: null, given: [] }],
              });
              setNextKey(nextKey + 1);
            }}
          >
            Add a test
          </Button>
        </Box>
        {hand.tests.map((test, i) => (
          <TestRow
            key={test.key}
            test={test}
            number={i + 1}
            view={view}
            today={today}
            change={(part) => changeTest(test.key, part)}
            remove={() => change({ tests: hand.tests.filter((t) => t.key !== test.key) })}
          />
        ))}
        {number("Share you expect to come up", "expectedPercent", 0.1, 100, {
          whole: false,
          unit: "%",
          helper: "leave empty to use age, storage and tests",
        })}
        {number("Price of the lot", "price", 0, 100_000, {
          whole: false,
          helper:
            hand.source === "wildCollected"
              ? "the cost of a day’s collecting, if you count it"
              : "the packet",
        })}
        {text("Cleaned how", "cleaning")}
        {text("From plants of", "parent", "your own batch it came from, such as B-17; optional")}
        {text("Permission", "permission", "who allowed the collecting, or which permit")}
        <Box sx={three}>
          <NumberField
            label="Latitude"
            name="lotLatitude"
            value={hand.latitude}
            onChange={(latitude) => change({ latitude })}
            min={-90}
            max={90}
            whole={false}
            unit="°"
          />
          <NumberField
            label="Longitude"
            name="lotLongitude"
            value={hand.longitude}
            onChange={(longitude) => change({ longitude })}
            min={-180}
            max={180}
            whole={false}
            unit="°"
          />
          <MeasureField
            label="Elevation"
            name="lotElevation"
            measure="elevation"
            value={hand.elevationM}
            onChange={(elevationM) => change({ elevationM })}
            min={-450}
            max={6000}
          />
        </Box>
        {text("Note", "note")}
        {caution && hand.source === "wildCollected" && <Cautions cautions={[caution]} />}
        <Failure error={error} />
        <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
          <Button type="submit" variant="contained" disabled={!("lot" in ready)}>
            {lot ? "Save the lot" : "Enter the lot"}
          </Button>
          <Button onClick={close}>Cancel</Button>
          {"missing" in ready && (
            <Typography variant="body2" data-testid="lot-missing">
              Missing: {ready.missing.join(", ")}.
            </Typography>
          )}
        </Box>
      </Form>
    </Card>
  );
}
