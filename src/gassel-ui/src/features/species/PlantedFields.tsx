import type { ReactNode } from "react";
import { Box } from "@mui/material";
import type { SpeciesView } from "../../api/types";
import { WORDS } from "../../api/words";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";

type Planted = NonNullable<SpeciesView["species"]["planted"]>;

/** What stands in the fields until somebody says otherwise. */
const FIRST: Planted = {
  cycle: "perennial",
  flowersInYear: 2,
  spacingCm: null,
  darkest: "partShade",
  brightest: "sun",
  driest: "medium",
  wettest: "medium",
  earlyWeeks: null,
};

interface PlantedFieldsProps {
  /** Null where nobody knows. */
  planted: Planted | null;
  change: (planted: Planted | null) => void;
  /** The field for the spacing. */
  spacing: ReactNode;
}

/** How a kind lives where it is planted: its life, its first flowers, its light and ground. */
export function PlantedFields({ planted, change, spacing }: PlantedFieldsProps) {
  const weeks = planted?.earlyWeeks ?? null;
  return (
    <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", md: "repeat(4, 1fr)" } }}>
      <ChoiceField<Planted["cycle"] | "">
        label="Life"
        name="cycle"
        value={planted?.cycle ?? ""}
        onChange={(cycle) => change(cycle === "" ? null : { ...(planted ?? FIRST), cycle })}
        choices={[["", "not known"], ...wordsOf<Planted["cycle"]>(WORDS.LifeCycle)]}
      />
      {planted && (
        <>
          <NumberField
            label="First flowers in year"
            name="flowersInYear"
            value={planted.flowersInYear}
            onChange={(value) => change({ ...planted, flowersInYear: value ?? 1 })}
            min={1}
            max={60}
            helper="1 is the year it comes up"
          />
          <NumberField
            label="In its first if sown early"
            name="earlyWeeks"
            value={weeks}
            onChange={(earlyWeeks) => change({ ...planted, earlyWeeks })}
            min={1}
            max={30}
            unit="weeks"
            helper="before the last frost; empty for never"
          />
          {spacing}
          {(
            [
              ["Light from", "darkest", "SiteLight"],
              ["to", "brightest", "SiteLight"],
              ["Ground from", "driest", "SiteMoisture"],
              ["to", "wettest", "SiteMoisture"],
            ] as const
          ).map(([label, name, words]) => (
            <ChoiceField<string>
              key={name}
              label={label}
              name={name}
              value={planted[name]}
              onChange={(value) => change({ ...planted, [name]: value })}
              choices={wordsOf<string>(WORDS[words])}
            />
          ))}
        </>
      )}
    </Box>
  );
}
