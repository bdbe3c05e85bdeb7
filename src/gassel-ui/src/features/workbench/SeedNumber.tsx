import { Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";

/** How many seeds for so many plants. */
export function SeedNumber() {
  const [inputs, set] = useInputs({
    plants: "48",
    germination: "60",
    survival: "85",
    confidence: "90",
    perCell: "",
  });
  const [plants, germination, survival, confidence] = [
    inputs.plants,
    inputs.germination,
    inputs.survival,
    inputs.confidence,
  ].map(numberOf);
  const perCell = numberOf(inputs.perCell);
  const ready =
    plants && germination && survival && confidence ? { plants, germination, survival, confidence } : null;
  const answer = useAnswer(
    "seeds",
    inputs,
    ready &&
      (() =>
        answered(
          api.POST("/api/calculators/seeds-needed", {
            body: {
              plants: ready.plants,
              germination: ready.germination / 100,
              test: null,
              survival: ready.survival / 100,
              confidence: ready.confidence / 100,
              seedsPerCell: perCell,
              cellsPerTray: null,
              wholeContainerLoss: null,
              containers: null,
            },
          }),
        )),
  );
  const a = answer.data;
  const field = (
    key: keyof typeof inputs,
    label: string,
    min: number,
    max: number,
    unit = "",
    helper = " ",
  ) => (
    <NumberField
      label={label}
      name={key}
      value={numberOf(inputs[key])}
      onChange={(value) => set({ [key]: textOf(value) })}
      min={min}
      max={max}
      unit={unit}
      helper={helper}
    />
  );
  return (
    <Tool
      title="How many seeds"
      about="Seeds for a number of plants with a stated confidence, beside simple division, which is right half of the time."
      fields={
        <>
          {field("plants", "Plants wanted", 1, 1_000_000)}
          {field("germination", "Comes up", 1, 100, "%")}
          {field("survival", "Of these survive to be plants", 1, 100, "%")}
          {field("confidence", "How sure", 1, 99, "%")}
          {field("perCell", "Seeds to a cell", 1, 50, "", "empty: not by cells; thinned to one")}
        </>
      }
      error={answer.error}
      answer={
        a
          ? a.seeds === null
            ? "more than ten million seeds"
            : `${a.seeds} seeds${a.cells ? ` in ${a.cells} cells` : ""}`
          : null
      }
      working={a?.working ?? []}
    >
      {a && (
        <Typography>
          {a.reachProbability === null ? "" : `${percent(a.reachProbability)} sure. `}
          {a.naiveSeeds === null ? "" : `Simple division gives ${a.naiveSeeds}.`}
          {a.trays ? ` ${a.trays} trays.` : ""}
        </Typography>
      )}
    </Tool>
  );
}
