import { Box, Typography } from "@mui/material";
import type { PlanView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { SOWN } from "./wish";
import type { Wish } from "./wish";

interface CellsProps {
  plan: PlanView;
  sown: Wish["sown"];
  onSown: (sown: Wish["sown"]) => void;
}

/** The same wish by each way of filling cells: what stays empty and what is thinned away. */
export function Cells({ plan, sown, onSown }: CellsProps) {
  const { palette } = useDevice();
  const ways = SOWN.filter((s) => s.perCell !== null);
  return (
    <Card label="seeds to a cell">
      <Typography variant="h2">Seeds to a cell</Typography>
      <Box
        component="table"
        sx={{
          borderSpacing: 0,
          width: "100%",
          "& td, & th": { textAlign: "right", py: 0.5, px: 1, borderTop: `1px solid ${palette.line}` },
          "& th": { color: palette.ink2, fontWeight: 400, borderTop: 0 },
          "& td:first-of-type, & th:first-of-type": { textAlign: "left", pl: 0 },
        }}
      >
        <thead>
          <tr>
            <th>way</th>
            <th>seeds</th>
            <th>cells</th>
            <th>trays of 72</th>
            <th>cells left empty</th>
            <th>seedlings thinned away</th>
          </tr>
        </thead>
        <tbody>
          {plan.fillings.map((filling, i) => {
            const way = ways[i];
            if (!way) return null;
            return (
              <tr key={way.id} data-testid={`cells-${way.id}`}>
                <td>
                  <Box
                    component="button"
                    type="button"
                    onClick={() => onSown(way.id)}
                    aria-pressed={sown === way.id}
                    sx={{
                      font: "inherit",
                      fontWeight: sown === way.id ? 700 : 400,
                      color: palette.ink,
                      background: "none",
                      border: 0,
                      p: 0,
                      minHeight: 32,
                      textAlign: "left",
                      textDecoration: "underline",
                      textUnderlineOffset: 3,
                      cursor: "pointer",
                    }}
                  >
                    {way.words}
                  </Box>
                </td>
                <td>{filling.seeds ?? "too many"}</td>
                <td>{filling.cells}</td>
                <td>{filling.trays}</td>
                <td>{filling.emptyCells === null ? "" : `about ${Math.round(filling.emptyCells)}`}</td>
                <td>{filling.surplus === null ? "" : `about ${Math.round(filling.surplus)}`}</td>
              </tr>
            );
          })}
        </tbody>
      </Box>
    </Card>
  );
}
