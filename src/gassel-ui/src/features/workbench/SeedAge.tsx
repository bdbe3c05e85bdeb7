import { answered, api } from "../../api/client";
import { ChoiceField } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { percent } from "../../shared/numbers";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";

const SCHOOLS = [
  ["share", "a fixed share each year"],
  ["points", "25 points a year (vegetables)"],
] as const;

const KEEPS = [
  ["short", "short, half in 1 year"],
  ["medium", "medium, half in 3 years"],
  ["long", "long, half in 8 years"],
  ["hardCoated", "hard coat, half in 20 years"],
] as const;

/** How much of a lot is still alive. */
export function SeedAge() {
  const [inputs, set] = useInputs({ school: "share", keeps: "medium", initial: "70", age: "3" });
  const [initial, age] = [numberOf(inputs.initial), numberOf(inputs.age)];
  const school = SCHOOLS.find(([key]) => key === inputs.school)?.[0] ?? "share";
  const longevity = KEEPS.find(([key]) => key === inputs.keeps)?.[0] ?? "medium";
  const ready = initial !== null && age !== null ? { initial, age } : null;
  const answer = useAnswer(
    "viability",
    inputs,
    ready &&
      (() =>
        answered(
          api.POST("/api/calculators/viability", {
            body: {
              school,
              initial: ready.initial / 100,
              ageYears: ready.age,
              longevity,
              storage: null,
            },
          }),
        )),
  );
  return (
    <Tool
      title="Seed and its age"
      about={
        "How much of a lot is still alive, by a rule of thumb. A germination " +
        "test under the route's treatment replaces it; a cut test bounds it."
      }
      fields={
        <>
          <ChoiceField
            label="Calculated by"
            name="school"
            value={school}
            onChange={(s) => set({ school: s })}
            choices={SCHOOLS}
          />
          <ChoiceField
            label="Keeps"
            name="keeps"
            value={longevity}
            onChange={(k) => set({ keeps: k })}
            choices={KEEPS}
          />
          <NumberField
            label="Alive when fresh"
            name="initial"
            unit="%"
            value={initial}
            onChange={(v) => set({ initial: textOf(v) })}
            min={1}
            max={100}
            helper="wild 70, bought and cleaned 96"
          />
          <NumberField
            label="Age"
            name="age"
            unit="years"
            value={age}
            onChange={(v) => set({ age: textOf(v) })}
            min={0}
            max={100}
            whole={false}
          />
        </>
      }
      error={answer.error}
      answer={answer.data ? `${percent(answer.data.fraction)} alive` : null}
      working={answer.data?.working ?? []}
    />
  );
}
