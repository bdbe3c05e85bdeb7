import { useState } from "react";
import { Box, Typography } from "@mui/material";
import type { SupplyLine } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import { Why } from "../../shared/Why";

const COLUMNS = { xs: "1fr 1fr", md: "minmax(0,1fr) 110px 160px 110px 160px 110px 70px" };

interface SupplyRowProps {
  line: SupplyLine;
  /** Stock and price are being entered. */
  editing: boolean;
  keep: (key: string, onHand: number, priceEach: number | null) => void;
}

/** A thing: how much it takes, how much is there, what is to get and what that costs. */
export function SupplyRow({ line, editing, keep }: SupplyRowProps) {
  const { palette } = useDevice();
  const { stock } = line;
  const [onHand, setOnHand] = useState<number | null>(stock.onHand);
  const [price, setPrice] = useState<number | null>(stock.priceEach);
  const save = () => {
    if (onHand !== null && (onHand !== stock.onHand || price !== stock.priceEach))
      keep(line.key, onHand, price);
  };
  const field = {
    label: "On hand",
    name: `onHand-${line.key}`,
    value: onHand,
    onChange: setOnHand,
    min: 0,
    max: 1_000_000,
  };
  const priceField = {
    label: "Price each",
    name: `price-${line.key}`,
    value: price,
    onChange: setPrice,
    min: 0,
    max: 1_000_000,
  };
  const edits = editing && line.hasStock;
  return (
    <Box
      component="li"
      data-testid={`supply-${line.key}`}
      onBlur={save}
      sx={{
        listStyle: "none",
        borderTop: `1px solid ${palette.line}`,
        display: "grid",
        gridTemplateColumns: COLUMNS,
        alignItems: "center",
        columnGap: 1.5,
        py: editing ? 1 : 0.5,
        minHeight: 48,
      }}
    >
      <Typography sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}>{line.what}</Typography>
      <Typography>{line.neededWords} needed</Typography>
      <Box>
        {!edits && stock.onHand > 0 && `${line.onHandWords} on hand`}
        {edits &&
          (line.isVolume ? <MeasureField {...field} measure="capacity" /> : <NumberField {...field} />)}
      </Box>
      <Typography sx={{ fontWeight: 600 }}>{line.toGetWords} to get</Typography>
      <Box>
        {edits &&
          (line.isVolume ? (
            <MeasureField {...priceField} measure="perVolume" />
          ) : (
            <NumberField {...priceField} whole={false} />
          ))}
      </Box>
      <Typography>{line.cost === null ? "" : `${line.cost.toFixed(2)} in all`}</Typography>
      <Why lines={line.working} about={line.what} />
    </Box>
  );
}
