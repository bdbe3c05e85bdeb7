import { Box, Button, Typography, useMediaQuery, useTheme } from "@mui/material";
import { Link } from "react-router";
import { useCountTrays } from "../../book/queries";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { saysAll } from "../../shared/asked";
import { anyOr, counted, ListFilters } from "../../shared/ListFilters";
import { several } from "../../shared/numbers";
import { NoneFound } from "../../shared/NoneFound";
import { useAsked } from "../../shared/useAsked";
import { VirtualRows } from "../../shared/VirtualRows";
import { when } from "../rounds/dueWords";
import { holders, inTray, resting, roundOf, stockWords } from "./round";
import { useWaitingCounts } from "./waitingCounts";

/** So many trays are seen at a glance. */
const FEW = 6;

/** What narrows the list; `where` chooses the yard alone. */
const NARROWED_BY = ["text", "place", "due"] as const;
const ASKED_BY = ["where", ...NARROWED_BY] as const;

const WHICH = [
  ["", "all"],
  ["today", "due today or before"],
] as const;

/** Trays beside one another. */
function useAcross(): number {
  const theme = useTheme();
  const [md, lg] = [useMediaQuery(theme.breakpoints.up("md")), useMediaQuery(theme.breakpoints.up("lg"))];
  return lg ? 3 : md ? 2 : 1;
}

/** Every sown tray, with the one that waits longest first. */
export function CountList() {
  const trays = useCountTrays();
  const waiting = useWaitingCounts();
  const across = useAcross();
  const { asked, ask, askNothing } = useAsked(ASKED_BY);
  const inYard = asked.where === "yard";
  if (trays.error) return <Failure error={trays.error} />;
  if (!trays.data) return <Loading what="the trays" />;
  const today = trays.data.today;
  const sown = roundOf(trays.data.trays).filter((tray) => !inYard || tray.vessel?.kind === "container");
  const shown = sown.filter(
    (tray) =>
      (!asked.place || tray.placeName === asked.place) &&
      (!asked.due || (tray.due !== null && tray.due.due.dueOn <= today)) &&
      // of a blind trial nobody is to find out which tray is which
      saysAll(
        `${tray.blind ?? `${holders(tray)} ${tray.commonName}`} ${tray.vessel?.label ?? ""}`,
        asked.text,
      ),
  );
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
      {sown.length > FEW && (
        <Box sx={{ mb: 1.5 }}>
          <ListFilters
            name="trays"
            searches="Number, name or label"
            asked={asked}
            ask={ask}
            lists={[
              {
                by: "place",
                label: "Place",
                choices: anyOr(
                  counted(
                    sown,
                    (tray) => tray.placeName,
                    (tray) => tray.placeName,
                  ),
                ),
              },
              { by: "due", label: "Which", choices: WHICH },
            ]}
          />
        </Box>
      )}
      {shown.length === 0 && (
        <NoneFound what="tray" all={sown.length} askNothing={() => askNothing(NARROWED_BY)} />
      )}
      <VirtualRows
        count={Math.ceil(shown.length / across)}
        height={92}
        label="trays"
        row={(index) => (
          <Box
            sx={{
              display: "grid",
              gap: 1.5,
              pb: 1.5,
              gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
            }}
          >
            {shown.slice(index * across, (index + 1) * across).map((tray) => (
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
        )}
      />
    </>
  );
}
