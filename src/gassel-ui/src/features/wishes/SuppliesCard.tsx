import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../../look/DeviceContext";
import { useMay } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { SupplyRow } from "./SupplyRow";
import { useStock, useSupplies } from "./useSupplies";

/** What to have at hand before the winter begins, from wishes and from batches that have not begun. */
export function SuppliesCard() {
  const supplies = useSupplies();
  const stock = useStock();
  const { palette } = useDevice();
  const may = useMay("grower");
  const [editing, setEditing] = useState(false);
  if (supplies.error) return <Failure error={supplies.error} />;
  if (!supplies.data || supplies.data.lines.length === 0) return null;
  const { lines, rooms, cost, unpriced } = supplies.data;
  return (
    <Card label="supplies">
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Supplies
        </Typography>
        {may && (
          <Button
            sx={{ displayPrint: "none" }}
            aria-pressed={editing}
            onClick={() => setEditing((before) => !before)}
          >
            {editing ? "Done" : "Enter stock and prices"}
          </Button>
        )}
        <Button component="a" href="/api/supplies.csv" download sx={{ displayPrint: "none" }}>
          Save as CSV
        </Button>
        <Button sx={{ displayPrint: "none" }} onClick={() => window.print()}>
          Print
        </Button>
      </Box>
      <Typography variant="body2">
        For all wishes and for batches that have not begun. Prices in your own money, of a piece or of a unit
        of volume.
      </Typography>
      <Failure error={stock.error} />
      <Box component="ul" sx={{ m: 0, mt: 1, p: 0 }}>
        {lines.map((line) => (
          <SupplyRow
            key={line.key}
            line={line}
            editing={editing}
            keep={(key, onHand, priceEach) => stock.mutate({ key, onHand, priceEach })}
          />
        ))}
      </Box>
      {cost !== null && (
        <Typography data-testid="supplies-cost" sx={{ borderTop: `1px solid ${palette.line}`, pt: 1 }}>
          <strong>Together {cost.toFixed(2)}.</strong> {unpriced}
        </Typography>
      )}
      {rooms.map((room) => (
        <Typography key={room.place} sx={{ mt: 0.5 }}>
          {room.words}
        </Typography>
      ))}
    </Card>
  );
}
