import { Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { NumberField } from "../../shared/NumberField";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** Two small counts side by side: is the difference more than chance. */
export function Compare() {
  const [inputs, set] = useInputs({ firstUp: "4", firstSown: "8", secondUp: "6", secondSown: "8" });
  const [up1, sown1] = [numberOf(inputs.firstUp), numberOf(inputs.firstSown)];
  const [up2, sown2] = [numberOf(inputs.secondUp), numberOf(inputs.secondSown)];
  const answer = useAnswer(
    "compare",
    inputs,
    up1 !== null && sown1 !== null && up2 !== null && sown2 !== null
      ? () =>
          answered(
            api.POST("/api/calculators/compare", {
              body: {
                arms: [
                  { name: "first", emerged: up1, sown: sown1 },
                  { name: "second", emerged: up2, sown: sown2 },
                ],
                confidence: null,
              },
            }),
          )
      : null,
  );
  const a = answer.data;
  const [first, second] = a?.arms ?? [];
  const field = (label: string, name: keyof typeof inputs, min: number, max: number) => (
    <NumberField
      label={label}
      name={name}
      value={numberOf(inputs[name])}
      onChange={(v) => set({ [name]: textOf(v) })}
      min={min}
      max={max}
    />
  );
  return (
    <Tool
      title="Two counts compared"
      about="Whether a difference between two small counts is more than chance, before a trial is made of it."
      fields={
        <>
          {field("First: up", "firstUp", 0, sown1 ?? 1_000_000)}
          {field("of seeds", "firstSown", 1, 1_000_000)}
          {field("Second: up", "secondUp", 0, sown2 ?? 1_000_000)}
          {field("of seeds", "secondSown", 1, 1_000_000)}
        </>
      }
      error={answer.error}
      answer={a?.words ?? null}
      working={a?.working ?? []}
    >
      {first && second && (
        <Typography>
          First {percent(first.fraction)}, likely between {percent(first.low)} and {percent(first.high)};
          second {percent(second.fraction)}, likely between {percent(second.low)} and {percent(second.high)}.
        </Typography>
      )}
    </Tool>
  );
}
