import { lazy, Suspense } from "react";
import { Box, Typography } from "@mui/material";
import type { RoundsView, StandingPart } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import type { Day } from "../../time/days";
import { warmthWords } from "../sowing/sowingWords";
import { movable } from "./movable";

const MoveNow = lazy(() => import("../places/MoveNow").then((m) => ({ default: m.MoveNow })));

interface TooWarmProps {
  place: RoundsView["places"][number];
  doneOn: Day;
}

/** Sown seed that stands too warm to come up: what is the same for several is said once. */
export function TooWarm({ place, doneOn }: TooWarmProps) {
  const alike = new Map<string, { words: string; to: string | null; parts: StandingPart[] }>();
  for (const part of place.parts) {
    if (!part.warmth?.isTooWarm) continue;
    const words = warmthWords(part.warmth);
    const group = alike.get(words + part.moveTo) ?? { words, to: part.moveTo, parts: [] };
    group.parts.push(part);
    alike.set(words + part.moveTo, group);
  }
  return [...alike.entries()].map(([key, { words, to, parts }]) => (
    <Box
      key={key}
      sx={{ display: "flex", alignItems: "center", gap: 0.75 }}
      data-testid={`warmth-${parts[0]?.number}`}
    >
      <AlarmMark />
      <Typography sx={{ fontWeight: 600, lineHeight: 1.3 }}>
        {[...new Set(parts.map(({ number }) => `B-${number}`))].join(", ")}: {words}
      </Typography>
      {to !== null && (
        <Suspense>
          <MoveNow parts={parts.map((part) => movable(part, place.place.id))} to={to} doneOn={doneOn} />
        </Suspense>
      )}
    </Box>
  ));
}
