import { Box, Typography } from "@mui/material";
import { useSpeciesTreatments } from "../../book/queries";
import type { TreatmentsLearned } from "../../api/types";
import { TreatmentsChart } from "../../drawings/TreatmentsChart";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Why } from "../../shared/Why";

/** Which treatments matter, by own finished batches of the species and of its genus. */
export function Treatments({ species }: { species: string }) {
  const { data: told, error } = useSpeciesTreatments(species);
  if (error) return <Failure error={error} />;
  if (!told || (!told.species && !told.genus)) return null;
  return (
    <Card label="which treatments matter" sx={{ mt: 2 }}>
      <Typography variant="h2">Which treatments matter</Typography>
      {told.species && <Told learned={told.species} />}
      {told.genus && <Told learned={told.genus} />}
    </Card>
  );
}

function Told({ learned }: { learned: TreatmentsLearned }) {
  const { of, effects, silent, working, batches } = learned;
  return (
    <Box sx={{ mt: 1 }} data-testid="treatments">
      <Typography variant="h3">By your batches of {of}</Typography>
      {effects.length === 0 ? (
        <Typography>Cannot be told yet: {working[0]}</Typography>
      ) : (
        <>
          {effects.map((effect) => (
            <Typography key={effect.name} sx={{ mt: 0.25 }}>
              {effect.words}
            </Typography>
          ))}
          <TreatmentsChart learned={learned} />
        </>
      )}
      {silent.length > 0 && (
        <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
          Not told: {silent.join(" ")}
        </Typography>
      )}
      {effects.length > 0 && (
        <Typography variant="body2" sx={{ mt: 0.5 }}>
          A model over {batches} finished batches, each treatment beside the others.{" "}
          <Why lines={working} about="which treatments matter" />
        </Typography>
      )}
    </Box>
  );
}
