import type { ContainerPreset } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { KINDS } from "./yardWords";

interface KindFieldProps<K extends ContainerPreset | "own"> {
  kind: K;
  /** Those to choose from; all but a vessel of one's own where none are given. */
  words?: Record<K, string>;
  name: string;
  change: (kind: K) => void;
}

/** What kind of container it is. */
export const KindField = <K extends ContainerPreset | "own" = ContainerPreset>({
  kind,
  words = KINDS as Record<K, string>,
  name,
  change,
}: KindFieldProps<K>) => (
  <ChoiceField label="Container" name={name} value={kind} onChange={change} choices={wordsOf<K>(words)} />
);

interface StonesFieldProps {
  kg: number | null;
  name: string;
  change: (kg: number | null) => void;
}

/** Stones as ballast, and as what keeps warmth. */
export const StonesField = ({ kg, name, change }: StonesFieldProps) => (
  <NumberField
    label="Stones in it"
    name={name}
    unit="kg"
    value={kg}
    onChange={change}
    min={0}
    max={20}
    whole={false}
  />
);
