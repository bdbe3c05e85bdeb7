import {} from "@mui/material";
import type { SowingView, Vessel } from "../../api/types";
import { NumberField } from "../../shared/NumberField";
import { hasCells, vesselWords } from "./sowingWords";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField } from "../../shared/ChoiceField";

interface SowVesselProps {
  vessel: Vessel;
  advice: SowingView["advice"];
  /** Cells in a row as drawn; null for a vessel without cells. */
  columns: number | null;
  change: (vessel: Vessel) => void;
}

/** The vessel that is sown into: its kind, its label, and its cells where it has any. */
export function SowVessel({ vessel, advice, columns, change }: SowVesselProps) {
  return (
    <>
      <ChoiceField
        label="Sown into"
        name="vessel"
        value={vessel.kind}
        onChange={(kind) =>
          change({
            ...vessel,
            kind,
            label: vessel.label.replace(vesselWords(vessel.kind), vesselWords(kind)),
            cells: hasCells(kind) ? (vessel.cells ?? advice.cells) : null,
          })
        }
        choices={advice.vessels.map((kind) => [kind, vesselWords(kind)])}
      />
      <WordsField
        label="Labelled"
        name="label"
        value={vessel.label}
        onChange={(written) => change({ ...vessel, label: written })}
        helper="inside and outside"
      />
      {hasCells(vessel.kind) && (
        <>
          <NumberField
            key={`cells-${vessel.kind}`}
            label="Cells"
            name="cells"
            value={vessel.cells}
            onChange={(n) => change({ ...vessel, cells: n, columns: null })}
            min={1}
            max={1000}
            helper="36, 48, 72, or your own"
          />
          <NumberField
            key={`columns-${vessel.cells ?? 0}`}
            label="in a row"
            name="columns"
            value={columns}
            onChange={(n) => change({ ...vessel, columns: n })}
            min={1}
            max={vessel.cells ?? 1}
          />
        </>
      )}
    </>
  );
}
