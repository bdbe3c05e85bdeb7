import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Choice } from "../../shared/Choice";
import { PositionFields } from "../../shared/PositionFields";
import { ZoneField } from "../../shared/ZoneField";
import type { StartDraft } from "./startDraft";
import { TownField } from "./TownField";
import { positionWords, townWords } from "./towns";
import { WordsField } from "../../shared/WordsField";

interface StartWhereProps {
  draft: StartDraft;
  change: (part: Partial<StartDraft>) => void;
  next: () => void;
}

/** Where one grows: a town brings position and time zone, or both are entered. */
export function StartWhere({ draft, change, next }: StartWhereProps) {
  const [byHand, setByHand] = useState(draft.town === "" && draft.latitude !== null);
  const isKnown = draft.latitude !== null && draft.timeZone !== "";
  return (
    <>
      <Typography variant="h1">Where do you grow?</Typography>
      <Typography>It tells Gassel the day and the light, and what a winter is there.</Typography>
      {!byHand && (
        <TownField
          town={draft.town}
          choose={(town) =>
            change({
              town: townWords(town),
              name: draft.name || town.name,
              latitude: town.latitude,
              longitude: town.longitude,
              timeZone: town.timeZone,
              units: town.country === "United States" ? "unitedStates" : "metric",
            })
          }
        />
      )}
      {byHand && (
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr 1fr", sm: "1fr 1fr 1.6fr" } }}>
          <PositionFields latitude={draft.latitude} longitude={draft.longitude} change={change} />
          <ZoneField value={draft.timeZone} onChange={(timeZone) => change({ timeZone })} />
        </Box>
      )}
      {!byHand && draft.town !== "" && draft.latitude !== null && (
        <Typography data-testid="town-told">
          {positionWords(draft.latitude, draft.longitude)}; time zone {draft.timeZone}
        </Typography>
      )}
      <WordsField
        label="What you call it"
        name="name"
        value={draft.name}
        onChange={(written) => change({ name: written })}
      />
      <Choice
        label="units"
        value={draft.units}
        onChange={(units) => change({ units })}
        options={[
          ["metric", "°C, cm, l"],
          ["unitedStates", "°F, in, gal"],
        ]}
      />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="contained" disabled={!isKnown || draft.name.trim() === ""} onClick={next}>
          Next: frost
        </Button>
        <Button onClick={() => setByHand(!byHand)}>
          {byHand ? "Look for a town" : "Enter coordinates instead"}
        </Button>
      </Box>
    </>
  );
}
