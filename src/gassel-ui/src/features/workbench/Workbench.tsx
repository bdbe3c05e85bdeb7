import type { ReactNode } from "react";
import { Box, Button } from "@mui/material";
import { Link, useParams } from "react-router";
import { Compare } from "./Compare";
import { ColdDay } from "./ColdDay";
import { ContainerSimulator } from "./ContainerSimulator";
import { Flowering } from "./Flowering";
import { Hardening } from "./Hardening";
import { LightTimer } from "./LightTimer";
import { Mixing } from "./Mixing";
import { NextPot } from "./NextPot";
import { SeedAge } from "./SeedAge";
import { SeedNumber } from "./SeedNumber";
import { TrialSizes } from "./TrialSizes";

/** The sums, in the order of the work. */
const TOOLS: [string, string, ReactNode][] = [
  ["seeds", "seeds", <SeedNumber key="seeds" />],
  ["age", "seed age", <SeedAge key="age" />],
  ["mixing", "mixing and moisture", <Mixing key="mixing" />],
  ["cold", "cold of a day", <ColdDay key="cold" />],
  ["container", "inside a container", <ContainerSimulator key="container" />],
  ["lamps", "lamps", <LightTimer key="lamps" />],
  ["pot", "next pot", <NextPot key="pot" />],
  ["flowering", "cold for flowering", <Flowering key="flowering" />],
  ["hardening", "hardening off", <Hardening key="hardening" />],
  ["compare", "two counts", <Compare key="compare" />],
  ["trial", "size of a trial", <TrialSizes key="trial" />],
];

/** Sums on their own, without a batch; each has an address that brings its inputs along. */
export function Workbench() {
  const { tool = "mixing" } = useParams();
  const chosen = TOOLS.find(([id]) => id === tool) ?? TOOLS[2];
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box component="nav" aria-label="sums" sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
        {TOOLS.map(([id, name]) => (
          <Button
            key={id}
            component={Link}
            to={`/workbench/${id}`}
            variant={id === chosen?.[0] ? "contained" : "outlined"}
            aria-current={id === chosen?.[0] ? "page" : undefined}
            sx={{ px: 1.5 }}
          >
            {name}
          </Button>
        ))}
      </Box>
      <Box sx={{ maxWidth: tool === "container" ? "none" : 900, minWidth: 0 }}>{chosen?.[2]}</Box>
    </Box>
  );
}
