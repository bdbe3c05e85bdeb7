import { WORDS } from "../../api/words";
import { Box, Button, Checkbox, FormControlLabel, Typography } from "@mui/material";
import type { SpeciesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { stepWords } from "../../drawings/steps";
import { StepSwatch } from "../../drawings/StepSwatch";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { forbidden } from "./routeDraft";
import type { StepInHand } from "./routeDraft";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";

interface StepRowProps {
  view: SpeciesView;
  step: StepInHand;
  number: number;
  objections: string[];
  change: (part: Partial<StepInHand>) => void;
  move: (by: -1 | 1) => void;
  remove: () => void;
  isFirst: boolean;
  isLast: boolean;
}

const DAYS = { min: 0, max: 3650 };

/** One step of a route while it is written, with what is wrong with it beside it. */
export function StepRow(props: StepRowProps) {
  const { view, step, number, objections, change, move, remove, isFirst, isLast } = props;
  const { palette } = useDevice();
  const name = stepWords(step.kind);
  const field = (what: string) => `${what}-${number}`;
  return (
    <Box
      role="group"
      aria-label={`step ${number}, ${name}`}
      sx={{ borderTop: `1px solid ${palette.line}`, pt: 1.5, pb: 0.5, mt: 1 }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 1.5, rowGap: 1, alignItems: "flex-start" }}>
        <Box sx={{ width: 116 }}>
          <StepSwatch kind={step.kind} height={26} />
          <Typography variant="h3" component="h2">
            {number}. {name}
          </Typography>
        </Box>
        {step.kind === "scarify" && (
          <ChoiceField
            label="How"
            name={field("method")}
            value={step.method ?? ""}
            onChange={(method) => change({ method })}
            sx={{ width: 150 }}
            choices={wordsOf(WORDS.ScarifyMethod).map(([method, words]) => {
              const why = forbidden(view, "scarify", method);
              return why === null ? [method, words] : [method, `${words}: ${why}`, "barred"];
            })}
          />
        )}
        {(["shortest", "usual", "longest"] as const).map((end) => (
          <Box key={end} sx={{ width: 96 }}>
            <NumberField
              label={end}
              name={field(end)}
              value={step[end]}
              onChange={(value) => change({ [end]: value })}
              unit="d"
              {...DAYS}
            />
          </Box>
        ))}
        {(["lowC", "highC"] as const).map((end) => (
          <Box key={end} sx={{ width: 96 }}>
            <MeasureField
              label={end === "lowC" ? "from" : "to"}
              name={field(end)}
              measure="temperature"
              value={step[end]}
              onChange={(value) => change({ [end]: value })}
              min={-30}
              max={100}
            />
          </Box>
        ))}
        <FormControlLabel
          control={
            <Checkbox
              checked={step.optional}
              onChange={(event) => change({ optional: event.target.checked })}
            />
          }
          label="optional"
          sx={{ mt: 0.75 }}
        />
        <Box sx={{ display: "flex", ml: "auto" }}>
          <Button disabled={isFirst} onClick={() => move(-1)} aria-label={`step ${number} up`} sx={{ px: 1 }}>
            Up
          </Button>
          <Button disabled={isLast} onClick={() => move(1)} aria-label={`step ${number} down`} sx={{ px: 1 }}>
            Down
          </Button>
          <Button onClick={remove} aria-label={`take out step ${number}`} sx={{ px: 1 }}>
            Take out
          </Button>
        </Box>
      </Box>
      <WordsField
        label="How it is done"
        name={field("note")}
        value={step.note}
        onChange={(written) => change({ note: written })}
        fullWidth
        helper={
          step.kind === "gibberellicAcid"
            ? "Recorded that it was done, and by whom; Gassel keeps no recipe. Follow the label."
            : step.method === "professionalAcid" && step.kind === "scarify"
              ? "Professional work with training, protective gear and lawful disposal. Note only who did it; Gassel keeps no recipe."
              : undefined
        }
      />
      {objections.map((why) => (
        <Typography key={why} role="alert" sx={{ display: "flex", gap: 1, fontWeight: 600, mt: 0.5 }}>
          <AlarmMark /> <span>{why}</span>
        </Typography>
      ))}
    </Box>
  );
}
