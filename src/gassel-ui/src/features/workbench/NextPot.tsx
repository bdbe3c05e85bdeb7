import { Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { NumberField } from "../../shared/NumberField";
import { area, length, useUnits, volume } from "../../shared/units";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";
import { MeasureField } from "../../shared/MeasureField";

/** The next pot, the mix for it and the bench it takes. */
export function NextPot() {
  const units = useUnits();
  const [inputs, set] = useInputs({ widthCm: "9", plants: "24" });
  const [widthCm, plants] = [numberOf(inputs.widthCm), numberOf(inputs.plants)];
  const answer = useAnswer(
    "pot",
    inputs,
    widthCm !== null && plants !== null
      ? () => answered(api.POST("/api/calculators/pot-size", { body: { widthCm, plants } }))
      : null,
  );
  const a = answer.data;
  return (
    <Tool
      title="The next pot"
      about="How much wider, with the mix and the bench for all of them."
      fields={
        <>
          <MeasureField
            label="They stand in"
            name="widthCm"
            measure="width"
            value={widthCm}
            onChange={(v) => set({ widthCm: textOf(v) })}
            min={1}
            max={100}
          />
          <NumberField
            label="Plants"
            name="plants"
            value={plants}
            onChange={(v) => set({ plants: textOf(v) })}
            min={1}
            max={1_000_000}
          />
        </>
      }
      error={answer.error}
      answer={a ? `${length(10 * a.fromCm, units)} to ${length(10 * a.toCm, units)} wide` : null}
      working={a?.working ?? []}
    >
      {a && (
        <Typography>
          {volume(a.mixLitres, units)} of mix, {area(a.benchM2, units)} of bench edge to edge.
        </Typography>
      )}
    </Tool>
  );
}
