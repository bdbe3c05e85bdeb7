import { Box, Button, Typography } from "@mui/material";
import { TrayPlan } from "../../drawings/TrayPlan";
import { cellWords, firstCells, toggled } from "./cells";

interface SowCellsProps {
  grid: { columns: number; cells: number };
  free: number[];
  chosen: number[];
  /** Cells that all the seed fills; null where nobody said how many go into one. */
  needed: number | null;
  change: (cells: number[]) => void;
}

/** Which cells of a tray are sown, touched on its drawing. */
export function SowCells({ grid, free, chosen, needed, change }: SowCellsProps) {
  return (
    <Box>
      <TrayPlan
        grid={grid}
        label="cells to sow"
        mark={(cell) => ({ taken: !free.includes(cell), chosen: chosen.includes(cell) })}
        onTouch={(cell) => change(toggled(chosen, cell))}
      />
      <Box sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}>
        <Typography data-testid="chosen-cells">
          {chosen.length === 0
            ? "Tap the cells that were sown."
            : `${chosen.length} cells: ${cellWords(chosen)}.`}
        </Typography>
        {needed !== null && (
          <Button size="small" onClick={() => change(firstCells(free, needed))}>
            The first {needed} free
          </Button>
        )}
        <Button size="small" onClick={() => change(free)}>
          All free
        </Button>
      </Box>
    </Box>
  );
}
