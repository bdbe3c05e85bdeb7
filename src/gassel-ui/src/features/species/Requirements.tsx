import { WORDS } from "../../api/words";
import { Box, Typography } from "@mui/material";
import type { ReactNode } from "react";
import type { SpeciesValue, SpeciesView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { useHardiness } from "../../book/queries";
import { band, degrees, useUnits } from "../../shared/units";
import { classWords, depthWords, durationWords } from "./speciesWords";

/** What the seed asks for, a line each, with the origin of the value at its end. */
export function Requirements({ view }: { view: SpeciesView }) {
  const { species, explained, depthExplained, flagsExplained, depth, routes } = view;
  const { palette } = useDevice();
  const units = useUnits();
  const hardinesses = useHardiness().data ?? [];
  const { noneBelowC, fullFromC, fullToC, noneAboveC } = species.responseToCold;
  const origin = (value: SpeciesValue): string => {
    const words = species.origins?.find((o) => o.value === value)?.origin ?? species.origin;
    if (value === "responseToCold" && !species.coldResponse) return "starter value";
    return words.startsWith("Starter value") ? "starter value" : words;
  };
  // what nobody entered is no all-clear
  const hazardOpen = view.notEntered?.includes("hazard") ?? false;
  const plantable = routes[0]?.toPlantable;
  const lines: { name: string; says: ReactNode; origin: string }[] = [
    {
      name: "dormancy",
      says: (
        <>
          <strong>{classWords(species)}.</strong> {explained} {depthExplained}
        </>
      ),
      origin: origin("dormancyClass"),
    },
    ...(species.flags.length > 0
      ? [
          {
            name: "traits",
            says: species.flags.map((flag, i) => (
              <Box key={flag}>
                <strong>{WORDS.SpeciesFlag[flag]}:</strong> {flagsExplained[i]}
              </Box>
            )),
            origin: origin("flags"),
          },
        ]
      : []),
    ...(hazardOpen
      ? [
          {
            name: "hazard",
            says: (
              <strong>
                Not known. Wear gloves and keep it away from mouth and eyes until you have looked it up.
              </strong>
            ),
            origin: origin("hazard"),
          },
        ]
      : []),
    ...(species.hazard !== "none" && !hazardOpen
      ? [
          {
            name: "hazard",
            says: (
              <strong>
                {
                  { none: "", irritant: "Irritant.", toxic: "Toxic.", veryToxic: "Very toxic." }[
                    species.hazard
                  ]
                }{" "}
                {species.hazardNote}
              </strong>
            ),
            origin: origin("hazard"),
          },
        ]
      : []),
    {
      name: "comes up at",
      says:
        `${band(species.germination, units)}${species.nightC ? ` by day, ${band(species.nightC, units)} by night` : ""}, ` +
        `${species.flags.includes("needsLight") ? "in the light" : "light or dark"}`,
      origin: origin("germination"),
    },
    {
      name: "sown",
      says: `${depthWords(depth.depth, units)}${species.sowingDepth ? "" : `. ${depth.why}`}`,
      origin: species.sowingDepth ? origin("sowingDepth") : "your school",
    },
    {
      name: "seedlings",
      says: hardinesses.find((h) => h.hardiness === species.hardiness)?.words ?? "",
      origin: origin("hardiness"),
    },
    {
      name: "cold counts",
      says:
        `fully from ${degrees(fullFromC, units)} to ${degrees(fullToC, units)}, not at all below ` +
        `${degrees(noneBelowC, units)} or above ${degrees(noneAboveC, units)} (the shape is our assumption)`,
      origin: origin("responseToCold"),
    },
    ...(plantable
      ? [
          {
            name: "plantable",
            says: `${durationWords(plantable)} after sowing, by the first route`,
            origin: species.routes[0]?.origin ?? origin("notes"),
          },
        ]
      : []),
    ...(species.water
      ? [{ name: "water", says: WORDS.WaterRegime[species.water], origin: origin("water") }]
      : []),
    {
      name: "grows on",
      says: (view.growsOn ?? []).join(" "),
      origin: species.growing
        ? origin("growingOn")
        : species.flags.includes("tapRooted")
          ? "by its tap root"
          : "as most kinds do",
    },
    ...(species.planted
      ? [{ name: "planted", says: view.lives?.join(" "), origin: origin("planted") }]
      : [
          {
            name: "planted",
            says: "Not known: its life, light, ground and spacing were not entered.",
            origin: "",
          },
        ]),
    { name: "seed keeps", says: WORDS.Longevity[species.longevity], origin: origin("longevity") },
    ...(species.notes ? [{ name: "notes", says: species.notes, origin: origin("notes") }] : []),
  ];
  return (
    <>
      <Box component="dl" sx={{ m: 0, mt: 1.5 }} data-testid="requirements">
        {lines.map((line) => (
          <Box
            key={line.name}
            sx={{
              display: "grid",
              gridTemplateColumns: { xs: "minmax(0,1fr)", md: "110px minmax(0,1fr) 170px" },
              columnGap: 2,
              py: 0.5,
              borderTop: `1px solid ${palette.line}`,
            }}
          >
            <Typography component="dt" variant="body2" sx={{ color: palette.ink2, pt: 0.25 }}>
              {line.name}
            </Typography>
            <Typography component="dd" sx={{ m: 0 }}>
              {line.says}
            </Typography>
            <Typography component="dd" variant="body2" sx={{ m: 0, color: palette.ink2, pt: 0.25 }}>
              {line.origin}
            </Typography>
          </Box>
        ))}
      </Box>
      <Typography variant="body2" sx={{ color: palette.ink2, mt: 0.5 }}>
        Starter values are from memory: check them with a local source and put your own.
      </Typography>
    </>
  );
}
