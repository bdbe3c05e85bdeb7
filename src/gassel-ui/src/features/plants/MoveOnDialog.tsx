import { useState } from "react";
import {
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  TextField,
  Typography,
} from "@mui/material";
import type { EntryPayload, LossCause, PlantStage, PlantTally } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { CAUSE_WORDS } from "../sowing/sowingWords";
import { useGround } from "./useGround";
import { groundWords, STAGE_WORDS, STAGES, stageInHand, stagesAfter } from "./plantWords";

export type PlantGesture = "moveOn" | "lost" | "diedBack" | "cameAgain";

const TITLES: Record<PlantGesture, string> = {
  moveOn: "plants move on",
  lost: "plants lost",
  diedBack: "died back for the season: dormant, alive",
  cameAgain: "came up again",
};

interface MoveOnDialogProps {
  title: string;
  gesture: PlantGesture;
  part: string;
  tally: PlantTally;
  send: (payload: EntryPayload, told: string) => Promise<void>;
  close: () => void;
}

/** How many plants, from which stage, to where or to what. */
export function MoveOnDialog({ title, gesture, part, tally, send, close }: MoveOnDialogProps) {
  const at = (stage: PlantStage) => tally.stages.find((s) => s.stage === stage);
  const there = (stage: PlantStage) => (gesture === "cameAgain" ? at(stage)?.dormant : at(stage)?.alive) ?? 0;
  const from = STAGES.filter((stage) => there(stage) > 0 && (gesture !== "moveOn" || stage !== "planted"));
  const first = gesture === "moveOn" ? (stageInHand(tally) ?? "seedling") : (from.at(-1) ?? "seedling");
  const [stage, setStage] = useState<PlantStage>(first);
  const [to, setTo] = useState<PlantStage>(stagesAfter(first)[0] ?? "planted");
  const [plants, setPlants] = useState<number | null>(there(first));
  const [into, setInto] = useState("");
  const [spacing, setSpacing] = useState<number | null>(null);
  const [cause, setCause] = useState<LossCause>("unknown");
  const target = stagesAfter(stage).includes(to) ? to : (stagesAfter(stage)[0] ?? "planted");
  const ground = useGround(gesture === "moveOn" && target === "planted" ? plants : null, spacing);
  const record = () => {
    if (plants === null) return;
    switch (gesture) {
      case "moveOn":
        return void send(
          {
            kind: "movedOn",
            part,
            from: stage,
            to: target,
            plants,
            into: into.trim() || null,
            spacingCm: spacing,
          },
          `${plants} ${STAGE_WORDS[target]}`,
        );
      case "lost":
        // seedlings are lost in a count of their tray
        return void send(
          stage === "seedling"
            ? { kind: "count", part, emerged: 0, lost: plants, cause, rooted: 0, spots: null }
            : { kind: "plantsLost", part, stage, plants, cause },
          `${plants} lost`,
        );
      case "diedBack":
        return void send({ kind: "diedBack", part, stage, plants }, `${plants} died back`);
      case "cameAgain":
        return void send({ kind: "cameAgain", part, stage, plants }, `${plants} came again`);
    }
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="move-title">
      <DialogTitle id="move-title">
        {title}: {TITLES[gesture]}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        <ChoiceField
          label={gesture === "moveOn" ? "From" : "Of those"}
          name="from"
          value={stage}
          onChange={setStage}
          choices={from.map((s) => [s, `${STAGE_WORDS[s]}: ${there(s)}`] as const)}
        />
        <NumberField
          label="How many"
          name="plants"
          value={plants}
          onChange={setPlants}
          min={1}
          max={1_000_000}
          helper={`${there(stage)} ${gesture === "cameAgain" ? "sleep" : "grow"} there`}
        />
        {gesture === "moveOn" && (
          <>
            <ChoiceField
              label="Now"
              name="to"
              value={target}
              onChange={setTo}
              choices={stagesAfter(stage).map((s) => [s, STAGE_WORDS[s]] as const)}
            />
            <TextField
              label="Into"
              name="into"
              value={into}
              onChange={(e) => setInto(e.target.value)}
              helperText="pots, plugs or bed, as you call them; may stay empty"
            />
            {target === "planted" && (
              <NumberField
                label="Apart"
                name="spacing"
                unit="cm"
                value={spacing}
                onChange={setSpacing}
                min={1}
                max={1000}
                helper={ground ? groundWords(ground) : "may stay empty"}
              />
            )}
            {(target === "prickedOut" || target === "potted") && (
              <Typography variant="body2">
                Crown at the level of the mix. A pot 2.5–5 cm wider than before, no more. Potting mix can
                carry Legionella: open it away from the face, keep it damp, wash hands.
              </Typography>
            )}
          </>
        )}
        {gesture === "lost" && (
          <ChoiceField
            label="To"
            name="cause"
            value={cause}
            onChange={setCause}
            choices={wordsOf(CAUSE_WORDS)}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>leave</Button>
        <Button variant="contained" disabled={plants === null} onClick={record}>
          record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
