import { Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { NumberField } from "../../shared/NumberField";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";
import { WordsField } from "../../shared/WordsField";

const TIME = /^([01]?\d|2[0-3]):[0-5]\d$/;

const seconds = (time: string) => `${time.padStart(5, "0")}:00`;

/** What a lamp's timer gives, and what it costs. */
export function LightTimer() {
  const [inputs, set] = useInputs({ on: "05:00", off: "21:00", watts: "80", perKWh: "0.3" });
  const ready = TIME.test(inputs.on) && TIME.test(inputs.off);
  const answer = useAnswer(
    "light",
    inputs,
    ready
      ? () =>
          answered(
            api.POST("/api/calculators/light", {
              body: {
                on: seconds(inputs.on),
                off: seconds(inputs.off),
                watts: numberOf(inputs.watts),
                perKWh: numberOf(inputs.perKWh),
              },
            }),
          )
      : null,
  );
  const a = answer.data;
  const time = (key: "on" | "off", label: string) => (
    <WordsField
      label={label}
      name={key}
      value={inputs[key]}
      fault={TIME.test(inputs[key]) ? null : "Write it as 05:00."}
      helper=" "
      onChange={(written) => set({ [key]: written })}
    />
  );
  return (
    <Tool
      title="Lamps and their timer"
      about="Hours of light and dark for seedlings under lamps, with the electricity."
      fields={
        <>
          {time("on", "On at")}
          {time("off", "Off at")}
          <NumberField
            label="All lamps"
            name="watts"
            unit="W"
            value={numberOf(inputs.watts)}
            onChange={(v) => set({ watts: textOf(v) })}
            min={0}
            max={100_000}
          />
          <NumberField
            label="A kWh costs"
            name="perKWh"
            value={numberOf(inputs.perKWh)}
            onChange={(v) => set({ perKWh: textOf(v) })}
            min={0}
            max={1000}
            whole={false}
          />
        </>
      }
      error={answer.error}
      answer={
        a
          ? `${a.hoursOn.toFixed(1).replace(".0", "")} h of light, ${a.hoursDark.toFixed(1).replace(".0", "")} h dark`
          : null
      }
      working={a?.working ?? []}
    >
      {a && (
        <Typography>
          {a.kWh.toFixed(2)} kWh a day, {a.cost.toFixed(2)} a day. <b>{a.doubts.join(" ")}</b>
        </Typography>
      )}
    </Tool>
  );
}
