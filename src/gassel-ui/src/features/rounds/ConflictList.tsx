import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { RoundsView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { useMay, useWho } from "../../people/usePerson";

interface ConflictListProps {
  /** The first of them. */
  conflicts: RoundsView["conflicts"];
  /** How many there are. */
  count: number;
  today: Day;
}

/** Entries that cannot be true beside the others: kept, not counted, and settled here. */
export function ConflictList({ conflicts, count, today }: ConflictListProps) {
  const { takeBack } = useRecord();
  const who = useWho();
  const mayAll = useMay("grower");
  return (
    <Card label="to settle" sx={{ py: { xs: 1, md: 0.75 } }}>
      {conflicts.map((conflict) => (
        <Box
          key={conflict.entry}
          data-testid="conflict"
          sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 1.5 }}
        >
          <AlarmMark />
          <Typography sx={{ flex: "1 1 24em", lineHeight: 1.35 }}>
            <Link to={`/batches/${conflict.batchId}`} style={{ color: "inherit", fontWeight: 700 }}>
              B-{conflict.number} {conflict.commonName}
            </Link>
            : “{conflict.words}” by {conflict.who}, {actDay(conflict.doneOn, today)}, does not fit.{" "}
            {conflict.why} Kept, but not counted.
          </Typography>
          {(mayAll || conflict.who === who) && (
            <Button
              variant="outlined"
              onClick={() => void takeBack(conflict.batchId, [conflict.entry], today)}
            >
              Undo
            </Button>
          )}
        </Box>
      ))}
      {count > conflicts.length && (
        <Link to="/batches?trouble=entries" style={{ color: "inherit", lineHeight: "48px" }}>
          {count - conflicts.length} more do not fit: see their batches
        </Link>
      )}
    </Card>
  );
}
