import { Box, Typography } from "@mui/material";
import { Link } from "react-router";
import type { ContainerBrief, Exposure, YardSpot } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ContainerGlyph } from "../../drawings/ContainerGlyph";
import { several } from "../../shared/numbers";
import { between, useUnits } from "../../shared/units";
import { STATES } from "./yardWords";

/** What stands around a spot is told by its edge: a roof's drip line, a wall, the strokes of shade. */
const EDGES: Record<Exposure, { top: string; words: string }> = {
  open: { top: "1px solid", words: "open ground, all of the night sky" },
  eaves: { top: "6px double", words: "a roof's edge over it" },
  southWall: { top: "7px solid", words: "a wall that faces the sun" },
  shade: { top: "6px dashed", words: "little sun" },
};

/** A spot of the yard as one stands before it, with its containers in a row. */
export function YardSpotCard({ spot, only }: { spot: YardSpot; only: Set<string> | null }) {
  const { palette: p } = useDevice();
  const edge = EDGES[spot.place.exposure ?? "open"];
  return (
    <Box
      component="section"
      aria-label={spot.place.name}
      sx={{
        bgcolor: p.card,
        border: `1px solid ${p.line}`,
        borderTop: edge.top,
        borderTopColor: p.ink2,
        borderRadius: 1,
        px: 1,
        pt: 0.5,
        pb: 0.5,
        minWidth: 0,
      }}
    >
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, flexWrap: "wrap" }}>
        <Typography variant="h3" component="h2">
          {spot.place.name}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          {edge.words} · {several(spot.containers.length, "container")}
          {spot.place.capacity === null ? "" : ` of ${spot.place.capacity}`}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 0.25 }}>
        {spot.containers.map((c) => (
          <Standing
            key={c.batchId + c.part}
            container={c}
            faded={only !== null && !only.has(`${c.batchId}/${c.part}`)}
          />
        ))}
        {spot.containers.length === 0 && (
          <Typography color="text.secondary" sx={{ py: 1 }}>
            Nothing here.
          </Typography>
        )}
      </Box>
    </Box>
  );
}

function Standing({ container: c, faded }: { container: ContainerBrief; faded: boolean }) {
  const { palette } = useDevice();
  const units = useUnits();
  const pressing = c.warnings.some((w) => w.kind !== "lateForCold" && w.kind !== "wind");
  return (
    <Box
      component={Link}
      to={`/yard/${c.batchId}/${c.part}`}
      data-testid={`container-${c.label}`}
      sx={{
        width: 88,
        flex: "none",
        textAlign: "center",
        color: "inherit",
        textDecoration: "none",
        lineHeight: 1.15,
        py: 0.25,
        borderRadius: 1,
        opacity: faded ? 0.35 : 1,
        "&:hover": { bgcolor: palette.paper },
      }}
    >
      <ContainerGlyph
        kind={c.setup.kind}
        state={c.state}
        shelter={c.shelter}
        capOn={c.cap === "on"}
        flagged={pressing}
      />
      <Typography component="div" sx={{ fontWeight: 700, fontSize: "0.9rem", lineHeight: 1.15 }}>
        {c.label}
        <Box component="span" sx={{ position: "absolute", left: -9999 }}>
          {" "}
          {c.commonName}
        </Box>
      </Typography>
      <Typography component="div" sx={{ fontSize: "0.82rem", lineHeight: 1.15 }}>
        {c.standing > 0 ? `${c.standing} up` : STATES[c.state].split(",")[0]}
        {c.airC !== null && `, ${between(c.airC, c.airBand, units)}`}
      </Typography>
    </Box>
  );
}
