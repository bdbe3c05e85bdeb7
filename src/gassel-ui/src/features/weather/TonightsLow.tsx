import { useState } from "react";
import { Box, Button } from "@mui/material";
import type { ForecastLine } from "../../api/types";
import { Failure } from "../../shared/Failure";
import { MeasureField } from "../../shared/MeasureField";
import { useTellForecast } from "./useTellForecast";

/** The one number that decides about tonight: its low falls on tomorrow morning. */
export function TonightsLow({ lines }: { lines: ForecastLine[] }) {
  const [lowC, setLowC] = useState<number | null>(null);
  const { tell, error } = useTellForecast();
  const tomorrow = lines[1]?.date;
  return (
    <Box
      component="form"
      sx={{ display: "flex", gap: 1, alignItems: "flex-start", flexWrap: "wrap" }}
      onSubmit={(event) => {
        event.preventDefault();
        if (lowC !== null && tomorrow) void tell([{ date: tomorrow, lowC }]);
      }}
    >
      <Box sx={{ width: 170, "& .MuiFormHelperText-root": { display: "none" } }}>
        <MeasureField
          label="Tonight’s low"
          name="tonight"
          measure="temperature"
          value={lowC}
          onChange={setLowC}
          min={-60}
          max={60}
        />
      </Box>
      <Button type="submit" variant="contained" disabled={lowC === null} sx={{ minHeight: 56 }}>
        Record
      </Button>
      <Failure error={error} />
    </Box>
  );
}
