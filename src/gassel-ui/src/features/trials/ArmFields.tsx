import { WORDS } from "../../api/words";
import { Box, IconButton, Typography } from "@mui/material";
import type { ContainerMix, Filling, Place, SowCover, SpeciesView, WaterRegime } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { MeasureField } from "../../shared/MeasureField";
import { ContainerFields } from "../yard/ContainerFields";
import type { ArmInHand, TrialVesselKind } from "./trialDraft";
import { WordsField } from "../../shared/WordsField";

type Route = SpeciesView["species"]["routes"][number];

interface ArmFieldsProps {
  arm: ArmInHand;
  at: number;
  /** Those that a trial can use. */
  routes: Route[];
  places: Place[];
  /** Each replicate stands in a vessel of its own. */
  ownVessels: boolean;
  change: (part: Partial<ArmInHand>) => void;
  /** Null for an arm that stays. */
  leaveOut: (() => void) | null;
}

/** One arm: what it is called and in what it may differ. */
export function ArmFields({ arm, at, routes, places, ownVessels, change, leaveOut }: ArmFieldsProps) {
  const route = routes.find((r) => r.id === arm.routeId) ?? routes[0];
  const outdoors = route?.setting === "winterContainer";
  const spots = places.filter((p) => (outdoors ? p.isOpenAir : p.kind !== "coldShelf"));
  return (
    <Box
      role="group"
      aria-label={at === 0 ? "control" : `arm ${at + 1}`}
      sx={{ display: "grid", gap: 1, gridTemplateColumns: "1fr 1fr" }}
    >
      <Box sx={{ gridColumn: "1 / -1", display: "flex", alignItems: "center" }}>
        <Typography variant="h3" component="h2">
          {at + 1}
          {at === 0 && ", the control"}
        </Typography>
        {leaveOut && (
          <IconButton aria-label={`leave out arm ${at + 1}`} onClick={leaveOut} sx={{ ml: "auto" }}>
            ×
          </IconButton>
        )}
      </Box>
      <WordsField
        label="Called"
        name={`arm-${at}`}
        value={arm.name}
        onChange={(written) => change({ name: written })}
      />
      <ChoiceField
        label="Route"
        name={`route-${at}`}
        value={route?.id ?? ""}
        onChange={(routeId) => change({ routeId, place: "" })}
        choices={routes.map((r) => [r.id, r.name] as const)}
      />
      {!outdoors && (
        <MeasureField
          label="Depth"
          name={`depth-${at}`}
          measure="length"
          value={arm.depthMm}
          onChange={(depthMm) => change({ depthMm })}
          min={0}
          max={200}
          helper="as usual if empty"
        />
      )}
      <ChoiceField
        label="Covered"
        name={`cover-${at}`}
        value={arm.cover}
        onChange={(cover) => change({ cover })}
        choices={[["", "as usual"], ...wordsOf<SowCover>(WORDS.SowCover)]}
      />
      <ChoiceField
        label="Location"
        name={`place-${at}`}
        value={arm.place}
        onChange={(place) => change({ place })}
        choices={[["", "as usual"], ...spots.map((p): [string, string] => [p.id, p.name])]}
      />
      {!outdoors && (
        <>
          {ownVessels && (
            <ChoiceField<TrialVesselKind | "">
              label="Vessel"
              name={`vessel-${at}`}
              value={arm.vessel}
              onChange={(vessel) => change({ vessel })}
              choices={[
                ["", "as usual"],
                ["pot", WORDS.VesselKind.pot],
                ["flat", WORDS.VesselKind.flat],
                ["deepCells", WORDS.VesselKind.deepCells],
              ]}
            />
          )}
          <ChoiceField<ContainerMix | "">
            label="Mix"
            name={`mix-${at}`}
            value={arm.mix}
            onChange={(mix) => change({ mix })}
            choices={[["", "as usual"], ...wordsOf<ContainerMix>(WORDS.ContainerMix)]}
          />
          <ChoiceField<Filling | "">
            label="Filled with"
            name={`filling-${at}`}
            value={arm.filling}
            onChange={(filling) => change({ filling })}
            choices={[["", "as usual"], ...wordsOf<Filling>(WORDS.Filling)]}
          />
          <ChoiceField<WaterRegime | "">
            label="Water"
            name={`water-${at}`}
            value={arm.water}
            onChange={(water) => change({ water })}
            choices={[["", "as usual"], ...wordsOf<WaterRegime>(WORDS.WaterRegime)]}
          />
        </>
      )}
      {outdoors && (
        <Box
          sx={{
            gridColumn: "1 / -1",
            display: "grid",
            gap: 1,
            gridTemplateColumns: "1fr 1fr",
            alignItems: "start",
          }}
        >
          <ContainerFields
            draft={arm.container}
            change={(part) => change({ container: { ...arm.container, ...part } })}
            at={`arm${at}-`}
          />
        </Box>
      )}
    </Box>
  );
}
