import { WORDS } from "../../api/words";
import { Box, Typography } from "@mui/material";
import type { BatchView, LossCause, PartView } from "../../api/types";
import { PlantFlow } from "../../drawings/PlantFlow";
import { Card } from "../../shared/Card";
import { Why } from "../../shared/Why";
import { PartGestures } from "./PartGestures";
import { tallyWords } from "./plantWords";
import { flowNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

interface PlantsCardProps {
  batch: BatchView;
  parts: PartView[];
}

/** From seedling to plant: where they are, and what is done with them next. */
export function PlantsCard({ batch, parts }: PlantsCardProps) {
  const { plants, plantingOut, leftOver, summary, booksClosedOn } = batch;
  const up = parts.filter((part) => part.state.plants.emerged > 0);
  if (up.length === 0) return null;
  const causes = plants.losses.map(
    (l) => `${l.plants} ${WORDS.LossCause[l.cause as LossCause]} (${WORDS.PlantStage[l.stage]})`,
  );
  const crowds = up.filter((part) => part.clock?.trueLeavesOn && part.crowdWords);
  const wait = plants.stages.some(
    (s) => s.stage !== "planted" && s.stage !== "seedling" && s.alive + s.dormant > 0,
  );
  return (
    <Card label="plants">
      <Typography variant="h2">From seedling to plant</Typography>
      <PlantFlow seeds={summary.seeds} tally={plants} />
      <ChartTable {...flowNumbers(summary.seeds, plants)} />
      <Typography data-testid="plants" sx={{ fontWeight: 600 }}>
        {tallyWords(plants)}
      </Typography>
      {causes.length > 0 && (
        <Typography variant="body2" data-testid="plants-lost">
          Lost: {causes.join(", ")}.
        </Typography>
      )}
      {leftOver && <Typography data-testid="left-over">{leftOver}</Typography>}
      {booksClosedOn === null && (
        <>
          {crowds.map((part) => (
            <Typography key={part.state.id} data-testid={`crowd-${part.state.id}`}>
              {up.length > 1 && `Part ${part.state.id}: `}
              {part.crowdWords}
            </Typography>
          ))}
          {up.map((part) => (
            <PartGestures key={part.state.id} batch={summary} part={part} alone={up.length === 1} />
          ))}
          {wait && (
            <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "baseline", columnGap: 1, mt: 1 }}>
              <Typography data-testid="planting-out" sx={{ flex: "1 1 18em" }}>
                {plantingOut.words}
              </Typography>
              <Why lines={plantingOut.working} about="planting out" />
            </Box>
          )}
        </>
      )}
    </Card>
  );
}
