import type { ContainerPreset } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { MeasureField } from "../../shared/MeasureField";
import { useUnits } from "../../shared/units";
import { inUnits } from "../../shared/words";
import { WORDS } from "../../api/words";

interface KindFieldProps<K extends ContainerPreset | "own"> {
  kind: K;
  /** Beside those everybody knows. */
  more?: Record<Exclude<K, ContainerPreset>, string>;
  name: string;
  change: (kind: K) => void;
}

/** What kind of container it is. */
export function KindField<K extends ContainerPreset | "own" = ContainerPreset>(props: KindFieldProps<K>) {
  const { kind, more, name, change } = props;
  const words = inUnits(WORDS.ContainerPreset, useUnits());
  return (
    <ChoiceField
      label="Container"
      name={name}
      value={kind}
      onChange={change}
      choices={wordsOf<K>({ ...words, ...more } as Record<K, string>)}
    />
  );
}

interface StonesFieldProps {
  kg: number | null;
  name: string;
  change: (kg: number | null) => void;
}

/** Stones as ballast, and as what keeps warmth. */
export const StonesField = ({ kg, name, change }: StonesFieldProps) => (
  <MeasureField
    label="Stones in it"
    name={name}
    measure="weight"
    value={kg}
    onChange={change}
    min={0}
    max={20}
  />
);
