import { Box, Typography } from "@mui/material";
import { TrayPlan } from "../../drawings/TrayPlan";
import { useNarrow } from "../../shared/useNarrow";
import { cellWords, toggled } from "../sowing/cells";
import type { CelledTray } from "./move";

interface MoveCellsProps {
  tray: CelledTray;
  chosen: number[];
  change: (cells: number[]) => void;
}

/** Which cells of a tray go, touched on its drawing. */
export function MoveCells({ tray, chosen, change }: MoveCellsProps) {
  const standing = new Map(tray.byCell.map((c) => [c.cell, c.standing]));
  return (
    <Box sx={{ minWidth: 0 }}>
      <TrayPlan
        grid={tray.grid}
        turned={useNarrow()}
        label="cells that go"
        mark={(cell) => ({
          taken: !tray.own.includes(cell),
          chosen: chosen.includes(cell),
          standing: standing.get(cell) ?? 0,
        })}
        onTouch={(cell) => change(toggled(chosen, cell))}
      />
      <Typography data-testid="moved-cells">
        {chosen.length === 0 ? "Tap the cells that go." : `Cells ${cellWords(chosen)} go.`}
      </Typography>
    </Box>
  );
}
