import { Box, Checkbox, Typography } from "@mui/material";
import { Link } from "react-router";
import { WORDS } from "../../api/words";
import type { BatchLine } from "../../api/types";
import { RibbonStrip } from "../../drawings/RibbonStrip";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";

interface BatchRowProps {
  line: BatchLine;
  today: Day;
  from: Day;
  to: Day;
  placeName: (id: string) => string;
  isTicked: boolean;
  tick: (ticked: boolean) => void;
}

/** A batch in the list: what it is, its ribbon, and how it stands. */
export function BatchRow({ line, today, from, to, placeName, isTicked, tick }: BatchRowProps) {
  const { batch, troubles, lateDays, dueOn, places } = line;
  const { palette } = useDevice();
  const trouble = troubles.filter((t) => t !== "late").map((t) => WORDS.BatchTrouble[t]);
  const next =
    lateDays > 0
      ? `overdue by ${several(lateDays, "day")}`
      : dueOn && places.length > 0
        ? `next work ${nearDay(dueOn, today)}`
        : "";
  return (
    <Box sx={{ display: "flex", alignItems: "center", borderTop: `1px solid ${palette.line}` }}>
      <Checkbox
        checked={isTicked}
        onChange={(event) => tick(event.target.checked)}
        slotProps={{ input: { "aria-label": `choose B-${batch.number}` } }}
        data-testid={`choose-${batch.number}`}
        sx={{ width: 48, height: 48, ml: -1 }}
      />
      <Box
        component={Link}
        to={`/batches/${batch.id}`}
        data-testid={`batch-${batch.number}`}
        sx={{
          flex: 1,
          minWidth: 0,
          display: "grid",
          gridTemplateColumns: { xs: "minmax(0,1fr)", md: "260px minmax(0,1fr) 290px" },
          columnGap: 2,
          alignItems: "center",
          minHeight: 56,
          py: 0.5,
          color: "inherit",
          textDecoration: "none",
          "&:hover": { bgcolor: palette.paper },
        }}
      >
        <Box sx={{ lineHeight: 1.25, minWidth: 0 }}>
          <Typography variant="h3" component="div">
            B-{batch.number} {batch.commonName}
            {batch.name ? `, ${batch.name}` : ""}
          </Typography>
          <Typography variant="body2" color="text.secondary" noWrap>
            <i>{batch.scientificName}</i>, lot {batch.lotId}
          </Typography>
        </Box>
        <RibbonStrip stretches={batch.ribbon} today={today} plain from={from} to={to} />
        <Box sx={{ lineHeight: 1.25 }}>
          <Typography sx={{ fontWeight: 600, display: "flex", gap: 0.5, lineHeight: 1.25 }}>
            {(trouble.length > 0 || lateDays > 0) && <AlarmMark />}
            <span>{[batch.status, ...trouble].join(", ")}</span>
          </Typography>
          <Typography variant="body2" color="text.secondary">
            {[...places.slice(0, 2).map(placeName), places.length > 2 ? "…" : "", next]
              .filter(Boolean)
              .join(" · ")}
          </Typography>
        </Box>
      </Box>
    </Box>
  );
}
