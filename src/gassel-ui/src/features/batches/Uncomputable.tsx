import { Box, Button, Typography } from "@mui/material";
import type { Problem } from "../../api/client";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";

/** A batch whose numbers cannot be computed: its entries, each with a way to take it back. */
export function Uncomputable({ batch, error, log, today }: UncomputableProps) {
  const { takeBack } = useRecord();
  return (
    <Card label="the batch">
      <Failure error={error} />
      {log.map((entry) => (
        <Box key={entry.id} sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 1.5 }}>
          <Typography sx={{ flex: "1 1 20em" }}>
            {actDay(entry.doneOn, today)}: {entry.words} {entry.who}
          </Typography>
          <Button variant="outlined" onClick={() => void takeBack(batch, [entry.id], today)}>
            Undo
          </Button>
        </Box>
      ))}
    </Card>
  );
}

interface UncomputableProps {
  batch: string;
  error: unknown;
  log: NonNullable<Problem["log"]>;
  today: Day;
}
