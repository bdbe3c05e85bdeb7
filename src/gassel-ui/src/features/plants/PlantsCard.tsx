import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { BatchView, LossCause, PartView } from "../../api/types";
import { PlantFlow } from "../../drawings/PlantFlow";
import { useRecord } from "../../record/RecordProvider";
import { Card } from "../../shared/Card";
import type { Day } from "../../time/days";
import { CAUSE_WORDS } from "../sowing/sowingWords";
import { MoveOnDialog } from "./MoveOnDialog";
import type { PlantGesture } from "./MoveOnDialog";
import { STAGE_WORDS, stageInHand, tallyWords } from "./plantWords";

interface PlantsCardProps {
  batch: BatchView;
  parts: PartView[];
  today: Day;
}

/** From seedling to plant: where they are, and what is done with them next. */
export function PlantsCard({ batch, parts, today }: PlantsCardProps) {
  const { record } = useRecord();
  const [open, setOpen] = useState<{ part: string; gesture: PlantGesture } | null>(null);
  const { plants, summary, booksClosedOn } = batch;
  const up = parts.filter((part) => part.state.plants.emerged > 0);
  if (up.length === 0) return null;
  const causes = plants.losses.map(
    (l) => `${l.plants} ${CAUSE_WORDS[l.cause as LossCause]} (${STAGE_WORDS[l.stage]})`,
  );
  return (
    <Card label="plants">
      <Typography variant="h2">From seedling to plant</Typography>
      <PlantFlow seeds={summary.seeds} tally={plants} />
      <Typography data-testid="plants" sx={{ fontWeight: 600 }}>
        {tallyWords(plants)}
      </Typography>
      {causes.length > 0 && <Typography variant="body2">Lost: {causes.join(", ")}.</Typography>}
      {booksClosedOn === null &&
        up.map((part) => {
          const { id, plants: own } = part.state;
          const grows = stageInHand(own) !== null || own.stages.some((s) => s.alive > 0);
          const sleeps = own.stages.some((s) => s.dormant > 0);
          return (
            <Box key={id} sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center", mt: 0.5 }}>
              {up.length > 1 && <Typography>Part {id}:</Typography>}
              {stageInHand(own) !== null && (
                <Button
                  variant="contained"
                  aria-label={`move on, part ${id}`}
                  onClick={() => setOpen({ part: id, gesture: "moveOn" })}
                >
                  move on
                </Button>
              )}
              {grows && (
                <Button variant="outlined" onClick={() => setOpen({ part: id, gesture: "lost" })}>
                  lost
                </Button>
              )}
              {grows && (
                <Button variant="outlined" onClick={() => setOpen({ part: id, gesture: "diedBack" })}>
                  died back
                </Button>
              )}
              {sleeps && (
                <Button variant="outlined" onClick={() => setOpen({ part: id, gesture: "cameAgain" })}>
                  came again
                </Button>
              )}
            </Box>
          );
        })}
      {booksClosedOn === null && plants.stages.some((s) => s.stage === "potted" && s.alive > 0) && (
        <Typography variant="body2">
          Before they go out:{" "}
          <Link to="/workbench/hardening" style={{ color: "inherit" }}>
            hardening off, day by day
          </Link>
        </Typography>
      )}
      {open && (
        <MoveOnDialog
          title={`B-${summary.number} ${summary.commonName}`}
          gesture={open.gesture}
          part={open.part}
          tally={parts.find((p) => p.state.id === open.part)?.state.plants ?? plants}
          close={() => setOpen(null)}
          send={(payload, told) =>
            record(summary.id, [payload], today, `B-${summary.number}: ${told}`).then((kept) => {
              if (kept) setOpen(null);
            })
          }
        />
      )}
    </Card>
  );
}
