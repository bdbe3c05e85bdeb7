import { Checkbox, Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { useSite } from "../../book/queries";
import { ChoiceField } from "../../shared/ChoiceField";
import { DayField } from "../../shared/DayField";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { HardeningDays } from "../plants/HardeningDays";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";
import { degrees, useUnits } from "../../shared/units";
import type { Units } from "../../shared/units";

const kinds = (units: Units) =>
  [
    ["hardy", `hardy: in below ${degrees(0, units)}`],
    ["tender", `tender: in below ${degrees(7, units)}`],
    ["winterSown", "winter-sown: opened a little more each day"],
  ] as const;

/** Day by day from the shelter into the open, by the forecast. */
export function Hardening() {
  const site = useSite().data;
  return site ? <HardeningFrom today={site.today} /> : <Loading what="the forecast" />;
}

function HardeningFrom({ today }: { today: Day }) {
  const units = useUnits();
  const [inputs, set] = useInputs({ start: "", days: "10", kind: "hardy", skipped: "" });
  const start = inputs.start || today;
  const days = numberOf(inputs.days);
  const kind = kinds(units).find(([key]) => key === inputs.kind)?.[0] ?? "hardy";
  const skipped = inputs.skipped === "" ? [] : inputs.skipped.split(" ");
  const asked = {
    start,
    days: days ?? 10,
    tender: kind === "tender",
    winterSown: kind === "winterSown",
    skipped,
  };
  const answer = useAnswer(
    "hardening",
    asked,
    days === null ? null : () => answered(api.POST("/api/calculators/hardening", { body: asked })),
  );
  const toggle = (day: Day) =>
    set({
      skipped: (skipped.includes(day) ? skipped.filter((d) => d !== day) : [...skipped, day]).join(" "),
    });
  const a = answer.data;
  return (
    <Tool
      title="Hardening off"
      about={
        "Seven days or fourteen, by the forecast: in for frost, waiting in wind; a day that is " +
        "skipped moves the end. Winter-sown containers stay out, and their tops are opened a little more each day instead."
      }
      fields={
        <>
          <DayField
            label="First day out"
            name="start"
            value={start}
            today={today}
            onChange={(day) => set({ start: day ?? "" })}
          />
          <NumberField
            label="Days"
            name="days"
            value={days}
            onChange={(v) => set({ days: textOf(v) })}
            min={7}
            max={14}
            helper={kind === "winterSown" ? "a week is usual" : "7 or 14 are the schools"}
          />
          <ChoiceField
            label="Plants"
            name="kind"
            value={kind}
            onChange={(k) => set({ kind: k })}
            choices={kinds(units)}
          />
        </>
      }
      error={answer.error}
      answer={a ? `Ready ${actDay(a.readyOn, today)}` : null}
      working={a?.working ?? []}
    >
      {a && (
        <HardeningDays
          days={a.days}
          today={today}
          end={(day) => (
            <Typography component="label" variant="body2" sx={{ display: "flex", alignItems: "center" }}>
              <Checkbox
                checked={skipped.includes(day.date)}
                onChange={() => toggle(day.date)}
                slotProps={{ input: { "aria-label": `skipped ${actDay(day.date, today)}` } }}
              />
              skipped
            </Typography>
          )}
        />
      )}
    </Tool>
  );
}
