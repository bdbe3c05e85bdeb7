import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { SpeciesView } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { Card } from "../../shared/Card";
import { Requirements } from "./Requirements";
import { OwnResults } from "../learning/OwnResults";
import { Treatments } from "../learning/Treatments";
import { Warmth } from "../learning/Warmth";
import { CopyRoute } from "./CopyRoute";
import { RouteCard } from "./RouteCard";
import { ForRole } from "../../people/ForRole";

/** One species: what it asks for, where each value comes from, and the routes there are. */
export function SpeciesSheet({ view }: { view: SpeciesView }) {
  const { species, hasOwnValues, hasStarter } = view;
  const queries = useQueryClient();
  const backToStarter = async () => {
    await answered(api.POST("/api/species/{id}/starter-values", { params: { path: { id: species.id } } }));
    await queries.invalidateQueries();
  };
  return (
    <Card label={species.commonName}>
      <Box sx={{ display: "flex", alignItems: "baseline", columnGap: 1.5, rowGap: 0.5, flexWrap: "wrap" }}>
        <Typography variant="h1">{species.commonName}</Typography>
        <Typography sx={{ fontStyle: "italic" }} color="text.secondary">
          {species.scientificName}
        </Typography>
        <Box sx={{ ml: "auto", display: "flex", gap: 1, flexWrap: "wrap" }}>
          <ForRole role="grower">
            {hasOwnValues && hasStarter && (
              <Button onClick={() => void backToStarter()}>Back to starter values</Button>
            )}
            <Button component={Link} to={`/species/${species.id}/values`} variant="outlined">
              Change values
            </Button>
          </ForRole>
          <Button component={Link} to={`/plan?species=${species.id}`} variant="contained">
            Plan a batch
          </Button>
        </Box>
      </Box>
      {species.lookAlike && (
        <Typography sx={{ mt: 1, fontWeight: 700, display: "flex", gap: 1 }}>
          <AlarmMark />
          <span>Look-alike: {species.lookAlike}: own tray, own box, own bed, a warning on every label.</span>
        </Typography>
      )}
      <Requirements view={view} />
      <OwnResults species={species.id} />
      <Treatments species={species.id} />
      <Warmth species={species.id} />
      <Box sx={{ display: "flex", alignItems: "center", gap: 2, mt: 2.5 }}>
        <Typography variant="h2">Routes</Typography>
        <Typography variant="body2" color="text.secondary">
          from dry seed to plant; copy one and make it yours
        </Typography>
      </Box>
      {species.routes.map((route, i) => (
        <RouteCard key={route.id} view={view} route={route} facts={view.routes[i]} />
      ))}
      <ForRole role="grower">
        <CopyRoute to={species.id} />
      </ForRole>
    </Card>
  );
}
