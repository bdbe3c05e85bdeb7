import { WORDS } from "../../api/words";
import { Box, Checkbox, FormControlLabel } from "@mui/material";
import type { ContainerMix } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { MeasureField } from "../../shared/MeasureField";
import type { ContainerDraft } from "./containerDraft";
import { KindField, StonesField } from "./VesselFields";
import { CARES } from "./yardWords";

const WALLS = [
  ["0.7", "clear"],
  ["0.5", "milky"],
  ["0", "opaque"],
] as const;

interface ContainerFieldsProps {
  draft: ContainerDraft;
  change: (part: Partial<ContainerDraft>) => void;
  /** Put before the names of the fields, where several stand on a page. */
  at?: string;
}

/** What a winter container is and how it is kept. */
export function ContainerFields({ draft, change, at = "" }: ContainerFieldsProps) {
  const own = draft.kind === "own";
  return (
    <>
      <KindField
        name={`${at}kind`}
        kind={draft.kind}
        more={{ own: "a vessel of my own" }}
        change={(kind) => change({ kind })}
      />
      {own && (
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr 1fr", gap: 1, gridColumn: "1 / -1" }}>
          <MeasureField
            label="Holds"
            name={`${at}litres`}
            measure="capacity"
            value={draft.litres}
            onChange={(litres) => change({ litres })}
            min={0.2}
            max={500}
          />
          <MeasureField
            label="Height"
            name={`${at}heightCm`}
            measure="width"
            value={draft.heightCm}
            onChange={(heightCm) => change({ heightCm })}
            min={5}
            max={100}
          />
          <ChoiceField
            label="Wall"
            name={`${at}wall`}
            value={draft.wall}
            onChange={(wall) => change({ wall })}
            choices={WALLS}
          />
        </Box>
      )}
      {draft.kind !== "pot" && (
        <ChoiceField
          label="Cap through the winter"
          name={`${at}care`}
          value={draft.care}
          onChange={(care: ContainerDraft["care"]) => change({ care })}
          choices={CARES.map((care) => [care, WORDS.CareStyle[care]] as const)}
        />
      )}
      <ChoiceField
        label="Mix"
        name={`${at}mix`}
        value={draft.mix}
        onChange={(mix: ContainerMix) => change({ mix })}
        choices={wordsOf(WORDS.ContainerMix)}
      />
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        <MeasureField
          label="Depth of mix"
          name={`${at}mixCm`}
          measure="width"
          value={draft.mixCm}
          onChange={(mixCm) => change({ mixCm })}
          min={1}
          max={60}
        />
        <StonesField name={`${at}stonesKg`} kg={draft.stonesKg} change={(stonesKg) => change({ stonesKg })} />
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2, gridColumn: "1 / -1" }}>
        <FormControlLabel
          control={
            <Checkbox
              checked={draft.holes}
              onChange={(e) => change({ holes: e.target.checked })}
              name={`${at}holes`}
            />
          }
          label="drain holes"
        />
        <FormControlLabel
          control={
            <Checkbox
              checked={draft.wateredDaily}
              onChange={(e) => change({ wateredDaily: e.target.checked })}
              name={`${at}wateredDaily`}
            />
          }
          label="watered daily"
        />
      </Box>
    </>
  );
}
