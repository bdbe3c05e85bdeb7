import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { useTrials } from "../../book/queries";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { saysAll } from "../../shared/asked";
import { anyOr, counted, ListFilters } from "../../shared/ListFilters";
import { NoneFound } from "../../shared/NoneFound";
import { useAsked } from "../../shared/useAsked";
import { standing } from "./trialWords";

/** So many are seen at a glance. */
const FEW = 3;

const ASKED_BY = ["text", "species", "state"] as const;

const STATES = [
  ["", "all"],
  ["open", "going on"],
  ["ended", "ended"],
] as const;

/** Every trial with what it says in one sentence. */
export function Trials() {
  const trials = useTrials();
  const { asked, ask, askNothing } = useAsked(ASKED_BY);
  if (trials.error) return <Failure error={trials.error} />;
  if (!trials.data) return <Loading what="the trials" />;
  const make = (
    <Button component={Link} to="/trials/new" variant="contained">
      Lay out a trial
    </Button>
  );
  const shown = trials.data.filter(
    (trial) =>
      (!asked.species || trial.commonName === asked.species) &&
      (!asked.state || (trial.design.endedOn === null) === (asked.state === "open")) &&
      saysAll(
        `T-${trial.number} ${trial.design.name} ${trial.commonName} lot ${trial.design.lotId}`,
        asked.text,
      ),
  );
  if (trials.data.length === 0) {
    return (
      <EmptyNote title="No trial yet" action={make}>
        A trial treats seed of one lot two or more ways with one thing changed: chilled or not, deep or
        shallow. Gassel lays it out at random and gives the result with its uncertainty.
      </EmptyNote>
    );
  }
  return (
    <Box sx={{ display: "grid", gap: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 2 }}>
        <Typography variant="h1">Trials</Typography>
        <ForRole role="grower">{make}</ForRole>
      </Box>
      {trials.data.length > FEW && (
        <ListFilters
          name="trials"
          searches="Number, name, species or lot"
          asked={asked}
          ask={ask}
          lists={[
            {
              by: "species",
              label: "Species",
              choices: anyOr(
                counted(
                  trials.data,
                  (trial) => trial.commonName,
                  (trial) => trial.commonName,
                ),
              ),
            },
            { by: "state", label: "Which", choices: STATES },
          ]}
        />
      )}
      {shown.length === 0 && <NoneFound what="trial" all={trials.data.length} askNothing={askNothing} />}
      {shown.map((trial) => (
        <Card key={trial.id} label={`T-${trial.number}`}>
          <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
            <Typography variant="h2">
              T-{trial.number} {trial.design.name}
            </Typography>
            <Typography color="text.secondary">
              {trial.commonName}, lot {trial.design.lotId}; changed: {trial.design.changed}
            </Typography>
          </Box>
          <Typography sx={{ fontWeight: 600, my: 0.5 }} data-testid={`says-${trial.number}`}>
            {standing(trial)}
          </Typography>
          <Button component={Link} to={`/trials/${trial.id}`} variant="outlined">
            Open T-{trial.number}
          </Button>
        </Card>
      ))}
    </Box>
  );
}
