import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { RoundsView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";

/** Batches that cannot be computed: they stand in no list until the entry that is wrong is taken back on their page. */
export function AsideList({ aside }: { aside: RoundsView["aside"] }) {
  return (
    <Card label="cannot be computed" sx={{ mb: 2, py: 1 }}>
      {aside.map((batch) => (
        <Box key={batch.id} sx={{ display: "flex", alignItems: "center", columnGap: 1.5, minHeight: 48 }}>
          <AlarmMark />
          <Typography>
            <Link to={`/batches/${batch.id}`} style={{ color: "inherit", fontWeight: 700 }}>
              B-{batch.number}
            </Link>{" "}
            cannot be computed from what is recorded of it, so its jobs are missing here. Open it and undo the
            wrong entry.
          </Typography>
        </Box>
      ))}
    </Card>
  );
}
