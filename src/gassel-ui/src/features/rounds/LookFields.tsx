import { WORDS } from "../../api/words";
import type { SurfaceSeen, WaterGiven } from "../../api/types";
import { Choice } from "../../shared/Choice";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { usualLook } from "./water";
import type { Look } from "./water";

const SEEN: readonly (readonly [SurfaceSeen, string])[] = [
  ["moist", "moist"],
  ["dry", "pale"],
  ["wet", "too wet"],
];

interface LookFieldsProps {
  /** Of what: "B-7 1". */
  of: string;
  /** Name of the field of water. */
  name: string;
  look: Look;
  change: (look: Look) => void;
}

/** How a surface was found, and what it got. */
export function LookFields({ of, name, look, change }: LookFieldsProps) {
  return (
    <>
      <Choice
        label={`surface of ${of}`}
        value={look.seen}
        onChange={(seen) => change(usualLook(seen))}
        options={SEEN}
      />
      {look.seen !== "wet" && (
        <ChoiceField<WaterGiven>
          label="Water"
          name={name}
          size="small"
          value={look.given}
          onChange={(given) => change({ ...look, given })}
          choices={wordsOf(WORDS.WaterGiven)}
        />
      )}
    </>
  );
}
