import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useBatches, useSite } from "../../book/queries";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { RibbonStrip } from "../../drawings/RibbonStrip";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { addDays, shortDay } from "../../time/days";
import { ForRole } from "../../people/ForRole";

/** Days before and after today that the small ribbons show. */
const [BEFORE, AFTER] = [150, 150];

/** Every batch with where it stands and its ribbon around today. */
export function Batches() {
  const batches = useBatches();
  const today = useSite().data?.today;
  const { palette } = useDevice();
  if (batches.error) return <Failure error={batches.error} />;
  if (!batches.data || !today) return <Loading what="the batches" />;
  if (batches.data.length === 0) {
    return (
      <EmptyNote
        title="No batches yet"
        action={
          <Button component={Link} to="/plan" variant="contained">
            Plan a batch
          </Button>
        }
      >
        A batch is seed of one lot put through one route together. It begins with a plan; enter what is in the
        fridge already under “Add batches already in progress” on Season.
      </EmptyNote>
    );
  }
  const [from, to] = [addDays(today, -BEFORE), addDays(today, AFTER)];
  return (
    <Card label="batches">
      <Box
        sx={{
          display: "flex",
          justifyContent: "space-between",
          alignItems: "baseline",
          flexWrap: "wrap",
          mb: 0.5,
        }}
      >
        <Typography variant="h1">{several(batches.data.length, "batch", "batches")}</Typography>
        <Typography variant="body2" color="text.secondary">
          ribbons from {shortDay(from, today)} to {shortDay(to, today)}; the line is today
        </Typography>
        <Button component={Link} to="/labels" variant="outlined">
          Labels
        </Button>
        <ForRole role="grower">
          <Button component={Link} to="/batches/told" variant="outlined">
            Add batches already in progress
          </Button>
        </ForRole>
      </Box>
      {batches.data.map((batch) => (
        <Box
          key={batch.id}
          component={Link}
          to={`/batches/${batch.id}`}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "270px 1fr 210px" },
            columnGap: 2,
            alignItems: "center",
            minHeight: 48,
            py: 0.25,
            borderTop: `1px solid ${palette.line}`,
            color: "inherit",
            textDecoration: "none",
            "&:hover": { bgcolor: palette.paper },
          }}
        >
          <Box sx={{ lineHeight: 1.25 }}>
            <Typography variant="h3" component="div">
              B-{batch.number} {batch.commonName}
              {batch.name ? `, ${batch.name}` : ""}
            </Typography>
            <Typography variant="body2" color="text.secondary" sx={{ fontStyle: "italic" }}>
              {batch.scientificName}, lot {batch.lotId}
            </Typography>
          </Box>
          <RibbonStrip stretches={batch.ribbon} today={today} plain from={from} to={to} />
          <Typography sx={{ fontWeight: 600, display: "flex", gap: 0.5 }}>
            {(batch.conflicts > 0 || batch.inTrouble) && <AlarmMark />}
            <span>
              {batch.status}
              {batch.inTrouble && ", its place is too warm or frozen"}
              {batch.conflicts > 0 && `, ${several(batch.conflicts, "entry", "entries")} to settle`}
            </span>
          </Typography>
        </Box>
      ))}
    </Card>
  );
}
