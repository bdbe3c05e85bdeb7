import { Box, Button, Typography } from "@mui/material";
import { Link, useSearchParams } from "react-router";
import { useCountTrays } from "../../book/queries";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { when } from "../rounds/dueWords";
import { holders, inTray, resting, roundOf, stockWords } from "./round";
import { useWaitingCounts } from "./waitingCounts";

/** Every sown tray, with the one that waits longest first. */
export function CountList() {
  const trays = useCountTrays();
  const waiting = useWaitingCounts();
  const inYard = useSearchParams()[0].get("where") === "yard";
  if (trays.error) return <Failure error={trays.error} />;
  if (!trays.data) return <Loading what="the trays" />;
  const today = trays.data.today;
  const sown = roundOf(trays.data.trays).filter((tray) => !inYard || tray.vessel?.kind === "container");
  if (sown.length === 0) {
    return (
      <EmptyNote
        title="Nothing is sown yet"
        action={
          <Button component={Link} to="/" variant="contained">
            To Rounds
          </Button>
        }
      >
        Trays and containers are counted here once they are sown. See Rounds for what is due to be sown.
      </EmptyNote>
    );
  }
  return (
    <>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        {inYard ? "Which container are you counting?" : "Which tray are you counting?"}
      </Typography>
      {inYard && (
        <Typography sx={{ mb: 1.5, fontWeight: 600 }} data-testid="yard-count">
          The whole yard: {sown.reduce((sum, tray) => sum + inTray(tray).standing, 0)} seedlings from{" "}
          {several(
            sown.reduce((sum, tray) => sum + inTray(tray).seeds, 0),
            "seed",
          )}{" "}
          in {several(sown.length, "container")}.
        </Typography>
      )}
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", md: "1fr 1fr", lg: "1fr 1fr 1fr" },
        }}
      >
        {sown.map((tray) => (
          <Card key={tray.batchId + tray.part} sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Box sx={{ flex: 1 }}>
              <Typography variant="h2">
                {tray.blind ? "" : `${holders(tray)} `}
                {tray.vessel?.label}
              </Typography>
              <Typography>{tray.blind ?? tray.commonName}</Typography>
              <Typography variant="body2" color="text.secondary">
                {tray.placeName} · {stockWords(tray)} ·{" "}
                {waiting(tray).length > 0
                  ? "counted, waiting to be sent"
                  : tray.due
                    ? `count ${when(tray.due, today)}`
                    : resting(tray)}
              </Typography>
            </Box>
            <Button
              variant="contained"
              component={Link}
              to={`/count/${tray.batchId}/${tray.part}`}
              aria-label={`count ${tray.blind ? "" : `${holders(tray)} `}${tray.vessel?.label ?? ""}`}
            >
              Count
            </Button>
          </Card>
        ))}
      </Box>
    </>
  );
}
