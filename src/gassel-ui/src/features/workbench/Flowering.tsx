import { Box, Typography } from "@mui/material";
import { answered, api } from "../../api/client";
import { useSite } from "../../book/queries";
import type { VernalizationKind } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ChoiceField } from "../../shared/ChoiceField";
import { DayField } from "../../shared/DayField";
import { Loading } from "../../shared/Loading";
import { NumberField } from "../../shared/NumberField";
import { unbroken } from "../../shared/units";
import { actDay, addDays } from "../../time/days";
import type { Day } from "../../time/days";
import { Tool } from "./Tool";
import { numberOf, textOf, useAnswer, useInputs } from "./useCalculator";

const KINDS: [VernalizationKind, string][] = [
  ["gardenKind", "kind bred for gardens"],
  ["wildRosette", "wild rosette"],
];

const SOWN = [
  ["no", "not yet"],
  ["yes", "sown already"],
] as const;

const WAYS = { both: "seed and plants", seedAlone: "seed alone", plantsAlone: "plants alone" };

/** Cold so that it flowers: counted back from planting out, with what each way risks. */
export function Flowering() {
  const site = useSite().data;
  return site ? <FloweringFrom today={site.today} frost={site.nextLastFrost} /> : <Loading what="the day" />;
}

/** Where no frost is known, a season's length from today. */
const DAYS_AHEAD = 70;

function FloweringFrom({ today, frost }: { today: Day; frost: Day | null }) {
  const { palette } = useDevice();
  const [inputs, set] = useInputs({ kind: "gardenKind", plantOut: "", sown: "no", weeks: "10" });
  const kind = KINDS.find(([key]) => key === inputs.kind)?.[0] ?? "gardenKind";
  const plantOut = inputs.plantOut || (frost ?? addDays(today, DAYS_AHEAD));
  const weeks = numberOf(inputs.weeks);
  const asked = { kind, plantOut, isSown: inputs.sown === "yes", weeksToPlant: weeks ?? 10 };
  const answer = useAnswer(
    "flowering",
    asked,
    weeks === null ? null : () => answered(api.POST("/api/calculators/flowering", { body: asked })),
  );
  const a = answer.data;
  return (
    <Tool
      title="Cold for flowering"
      about="Only for kinds that need it; it is not the cold that breaks dormancy. Seed, plants or both, counted back from planting out."
      fields={
        <>
          <ChoiceField
            label="Plants"
            name="kind"
            value={kind}
            onChange={(k) => set({ kind: k })}
            choices={KINDS}
          />
          <DayField
            label="Planted out"
            name="plantOut"
            value={plantOut}
            today={today}
            onChange={(day) => set({ plantOut: day ?? "" })}
          />
          <ChoiceField
            label="Seed"
            name="sown"
            value={inputs.sown === "yes" ? "yes" : "no"}
            onChange={(sown) => set({ sown })}
            choices={SOWN}
          />
          <NumberField
            label="Seed to plant"
            name="weeks"
            unit="weeks"
            value={weeks}
            onChange={(v) => set({ weeks: textOf(v) })}
            min={1}
            max={104}
          />
        </>
      }
      error={answer.error}
      answer={a ? unbroken(a.words) : null}
      working={a?.working ?? []}
    >
      {a?.options.map((option) => (
        <Box
          key={option.way}
          data-testid={`way-${option.way}`}
          sx={{ borderTop: `1px solid ${palette.line}`, py: 1 }}
        >
          <Typography variant="h3" component="h2">
            {kind === "wildRosette" ? "rosettes out for their winter" : WAYS[option.way]}
            {option.isPossible ? "" : ": too late"}
          </Typography>
          <Typography>
            {option.spells
              .map((s) => `${s.words} ${actDay(s.from, today)} to ${actDay(s.to, today)}`)
              .join("; ")}
          </Typography>
          <Typography variant="body2">{unbroken(option.risk)}</Typography>
        </Box>
      ))}
    </Tool>
  );
}
