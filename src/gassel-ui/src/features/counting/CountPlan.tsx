import { Typography } from "@mui/material";
import type { CountTray } from "../../api/types";
import { TrayPlan } from "../../drawings/TrayPlan";
import { typedAt } from "./tally";
import type { Tally } from "./tally";

interface CountPlanProps {
  tray: CountTray;
  tally: Tally;
  onTouch: (cell: number) => void;
  turned?: boolean;
}

/** The tray from above with what stands in its cells and what is being typed. */
export function CountPlan({ tray, tally, onTouch, turned = false }: CountPlanProps) {
  const { grid } = tray;
  if (!grid) return null;
  const owned = new Map([...tray.others.flatMap((o) => o.byCell), ...tray.byCell].map((c) => [c.cell, c]));
  const others = tray.others.flatMap((o) => o.cells);
  const counted = (cell: number) => tray.cells === null || tray.cells.includes(cell) || others.includes(cell);
  const byRow = tally.scope === "row";
  return (
    <>
      <TrayPlan
        grid={grid}
        turned={turned}
        label={byRow ? "rows of the tray" : "cells of the tray"}
        cursor={byRow ? null : tally.at}
        mark={(cell) => {
          const at = byRow ? Math.ceil(cell / grid.columns) : cell;
          const typed = typedAt(tally, at);
          const known = owned.get(cell);
          const first = byRow && (cell - 1) % grid.columns === 0;
          return {
            taken: !counted(cell),
            standing: known?.standing ?? 0,
            lost: known?.lost ?? 0,
            chosen: byRow && at === tally.at,
            ...((!byRow || first) && {
              fresh: { emerged: Number(typed.emerged || "0"), lost: Number(typed.lost || "0") },
            }),
          };
        }}
        {...(!byRow && { onTouch })}
      />
      <Typography variant="body2" color="text.secondary">
        {byRow
          ? "Arrows up and down choose the row."
          : turned
            ? `Tap a cell for one ${tally.field === "lost" ? "lost" : "new"}. Shown on its side: the first row runs down the left.`
            : `Tap a cell for one ${tally.field === "lost" ? "lost" : "new"}; arrows choose, type digits.`}
        {tray.others.length > 0 &&
          tray.blind === null &&
          ` Also in this tray: ${[...new Set(tray.others.map((o) => `B-${o.number} ${o.commonName}`))].join(", ")}.`}
      </Typography>
    </>
  );
}
