import { Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import { ChoiceField } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { aliveAt, stagesOf } from "./move";
import type { Movable, Some } from "./move";
import { WordsField } from "../../shared/WordsField";

interface SomeFieldsProps {
  part: Movable;
  some: Some;
  change: (some: Some) => void;
  fault: string | null;
}

/** How many plants and seeds go. */
export function SomeFields({ part, some, change, fault }: SomeFieldsProps) {
  const stages = some.cells ? stagesOf(part).filter((s) => s === "seedling") : stagesOf(part);
  return (
    <>
      {stages.length > 1 && (
        <ChoiceField
          label="Of those"
          name="stage"
          value={some.stage}
          onChange={(stage) => change({ ...some, stage, plants: 0 })}
          choices={stages.map((s) => [s, `${WORDS.PlantStage[s]}: ${aliveAt(part, s)}`] as const)}
        />
      )}
      {stages.length > 0 && (
        <NumberField
          key={`${some.stage} ${some.cells?.join() ?? ""}`}
          label="Plants that go"
          name="plants"
          value={some.plants}
          onChange={(plants) => change({ ...some, plants: plants ?? 0 })}
          min={0}
          max={1_000_000}
          helper={`of ${aliveAt(part, some.stage)} ${WORDS.PlantStage[some.stage]}`}
        />
      )}
      {part.waiting > 0 && (
        <NumberField
          key={`seeds ${some.cells?.join() ?? ""}`}
          label={stages.length > 0 ? "Seed not up yet that goes" : "Seeds that go"}
          name="seeds"
          value={some.seeds}
          onChange={(seeds) => change({ ...some, seeds: seeds ?? 0 })}
          min={0}
          max={1_000_000}
          helper={`of ${part.waiting}`}
        />
      )}
      <WordsField
        label="What stands there is labelled"
        name="label"
        value={some.label}
        onChange={(written) => change({ ...some, label: written })}
        helper={`optional; it becomes part ${part.nextPart}`}
        max={40}
      />
      {fault && (
        <Typography role="status" sx={{ fontWeight: 600 }}>
          {fault}
        </Typography>
      )}
    </>
  );
}
