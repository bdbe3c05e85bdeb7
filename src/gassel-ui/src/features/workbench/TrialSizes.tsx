import { useState } from "react";
import { Typography } from "@mui/material";
import { Card } from "../../shared/Card";
import { NumberField } from "../../shared/NumberField";
import { TrialSizeFields } from "../trials/TrialSizeFields";

/** How many seeds a difference takes, without a trial. */
export function TrialSizes() {
  const [atHand, setAtHand] = useState<number | null>(8);
  return (
    <Card label="size of a trial">
      <Typography variant="h2">How many seeds a trial takes</Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1.5 }}>
        To tell a treatment from a control: seeds needed in each.
      </Typography>
      <NumberField
        label="Seeds at hand for each arm"
        name="atHand"
        value={atHand}
        onChange={setAtHand}
        min={1}
        max={1_000_000}
      />
      <TrialSizeFields seedsAtHand={atHand} />
    </Card>
  );
}
