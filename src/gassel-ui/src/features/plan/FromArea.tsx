import { useState } from "react";
import { Box, Button } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";

interface FromAreaProps {
  /** That its species usually has, cm; null where nobody entered it. */
  spacingCm: number | null;
  take: (plants: number) => void;
}

/** As many plants as fill an area. */
export function FromArea({ spacingCm, take }: FromAreaProps) {
  const [open, setOpen] = useState(false);
  const [areaM2, setArea] = useState<number | null>(null);
  const [own, setOwn] = useState<number | null>(null);
  const spacing = own ?? spacingCm;
  const fits = useQuery({
    queryKey: ["density", areaM2, spacing],
    enabled: open && areaM2 !== null && spacing !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () => answered(api.POST("/api/calculators/density", { body: { areaM2, spacingCm: spacing } })),
  });
  const plants = areaM2 === null || spacing === null ? null : (fits.data?.plants ?? null);
  if (!open) {
    return (
      <Button onClick={() => setOpen(true)} sx={{ justifySelf: "start", px: 1 }}>
        Plants for an area
      </Button>
    );
  }
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <MeasureField
        label="Area"
        name="areaM2"
        measure="area"
        value={areaM2}
        onChange={setArea}
        min={0.01}
        max={1_000_000}
      />
      <MeasureField
        label="Between plants"
        name="spacingCm"
        measure="width"
        value={spacing}
        onChange={setOwn}
        min={1}
        max={1000}
      />
      <Failure error={fits.error} />
      <Button
        variant="outlined"
        disabled={!plants}
        onClick={() => {
          if (plants) take(plants);
          setOpen(false);
        }}
      >
        {plants ? `Take ${plants} plants` : "Enter the area"}
      </Button>
    </Box>
  );
}
