import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useRounds } from "../../api/queries";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { when } from "../rounds/dueWords";

/** Every sown tray, with the one that waits longest first. */
export function CountList() {
  const rounds = useRounds();
  if (rounds.error) return <Failure error={rounds.error} />;
  if (!rounds.data) return <Loading what="the trays" />;
  const today = rounds.data.today;
  const sown = rounds.data.places
    .flatMap((place) =>
      place.parts.map((part) => ({
        place: place.place,
        part,
        count: part.due.find((d) => d.due.kind === "countSeedlings"),
      })),
    )
    .filter(({ part }) => part.step !== null && ["germinate", "growOn"].includes(part.step))
    .sort((a, b) => (a.count?.due.dueOn ?? "9999").localeCompare(b.count?.due.dueOn ?? "9999"));
  if (sown.length === 0) {
    return (
      <EmptyNote
        title="Nothing is sown yet"
        action={
          <Button component={Link} to="/" variant="contained">
            to Rounds
          </Button>
        }
      >
        Trays and containers are counted here once they are sown. What is due for sowing stands on Rounds.
      </EmptyNote>
    );
  }
  return (
    <>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Which tray stands in front of you
      </Typography>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", md: "1fr 1fr", lg: "1fr 1fr 1fr" },
        }}
      >
        {sown.map(({ place, part, count }) => (
          <Card key={part.batchId + part.part} sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Box sx={{ flex: 1 }}>
              <Typography variant="h2">
                B-{part.number} {part.vessel?.label}
              </Typography>
              <Typography>{part.commonName}</Typography>
              <Typography variant="body2" color="text.secondary">
                {place.name} · {part.standing} stand of {part.seeds} seeds ·{" "}
                {count ? `count ${when(count, today)}` : "growing on"}
              </Typography>
            </Box>
            <Button
              variant="contained"
              component={Link}
              to={`/count/${part.batchId}/${part.part}`}
              aria-label={`count B-${part.number} ${part.vessel?.label ?? ""}`}
            >
              count
            </Button>
          </Card>
        ))}
      </Box>
    </>
  );
}
