import { WORDS } from "../../api/words";
import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import type { LossCause, MixShare, PlantStage, PlantTally } from "../../api/types";
import { useMixStart } from "../../book/queries";
import { useRecord } from "../../record/RecordProvider";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import type { Day } from "../../time/days";
import { firstStage, GESTURE_TITLES, goalsOf, payloadOf, stagesFor, thereAt } from "./plantGesture";
import type { PlantGesture } from "./plantGesture";
import { groundWords } from "./plantWords";
import { useGround } from "./useGround";
import { usePotsRoom } from "./usePotsRoom";
import { MeasureField } from "../../shared/MeasureField";
import { useUnits } from "../../shared/units";
import { WordsField } from "../../shared/WordsField";

export interface MoveOnDialogProps {
  batch: { id: string; number: number; commonName: string };
  gesture: PlantGesture;
  /** The stage that is meant; the likely one where it is left out. */
  at?: PlantStage;
  part: string;
  tally: PlantTally;
  /** More than one to a cell; null where nobody can tell. */
  surplus?: number | null;
  doneOn: Day;
  settles?: string;
  close: () => void;
}

const mixWords = (parts: MixShare[] | undefined): string =>
  parts ? parts.map((p) => `${p.parts} ${WORDS.MixPart[p.part]}`).join(", ") : "optional; part by part";

/** How many plants, from which stage, to where or to what. */
export function MoveOnDialog(props: MoveOnDialogProps) {
  const units = useUnits();
  const { batch, gesture, at, part, tally, surplus, doneOn, settles, close } = props;
  const { record } = useRecord();
  const from = stagesFor(tally, gesture);
  const first = at ?? firstStage(tally, gesture);
  const moves = gesture === "moveOn" || gesture === "divide" || gesture === "repot";
  const crowd = gesture === "thin" || (gesture === "divide" && first === "seedling");
  const [stage, setStage] = useState<PlantStage>(first);
  const [to, setTo] = useState<PlantStage>(goalsOf(gesture, first)[0] ?? "planted");
  const [plants, setPlants] = useState<number | null>(
    // how many were lost nobody but the grower knows
    gesture === "lost" ? null : crowd ? (surplus ?? null) || null : thereAt(tally, gesture, first),
  );
  const [into, setInto] = useState("");
  const [spacingCm, setSpacing] = useState<number | null>(null);
  const [potCm, setPot] = useState<number | null>(null);
  const mixes = useMixStart().data?.mixes ?? [];
  const [mix, setMix] = useState("");
  const [cause, setCause] = useState<LossCause>("unknown");
  const goals = goalsOf(gesture, stage);
  const target = goals.includes(to) ? to : (goals[0] ?? "planted");
  const ground = useGround(moves && target === "planted" ? plants : null, spacingCm);
  const room = usePotsRoom(batch.id, moves && target === "potted" ? plants : null, potCm);
  const name = `B-${batch.number} ${batch.commonName}`;
  const send = () => {
    if (plants === null) return;
    const move = {
      from: stage,
      to: target,
      plants,
      into,
      spacingCm,
      potCm,
      cause,
      mix: mixes.find((m) => m.name === mix)?.parts ?? null,
    };
    const [payload, told] = payloadOf(gesture, part, move);
    void record(batch.id, [payload], doneOn, `B-${batch.number}: ${told}`, settles).then((kept) => {
      if (kept) close();
    });
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="move-title">
      <DialogTitle id="move-title">
        {name}: {GESTURE_TITLES[gesture]}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
        {(!crowd || from.length > 1) && (
          <ChoiceField
            label={gesture === "moveOn" ? "From" : "Of those"}
            name="from"
            value={stage}
            onChange={(next) => {
              setStage(next);
              setPlants(gesture === "lost" ? null : thereAt(tally, gesture, next));
            }}
            choices={from.map((s) => [s, `${WORDS.PlantStage[s]}: ${thereAt(tally, gesture, s)}`] as const)}
          />
        )}
        <NumberField
          key={stage}
          label={gesture === "thin" ? "Taken out" : "How many"}
          name="plants"
          value={plants}
          onChange={setPlants}
          min={1}
          max={1_000_000}
          helper={
            crowd && surplus
              ? `${thereAt(tally, gesture, stage)} seedlings, ${surplus} too many for one to a cell`
              : `${thereAt(tally, gesture, stage)} ${gesture === "cameAgain" ? "sleep" : "grow"} there`
          }
        />
        {moves && (
          <>
            <ChoiceField
              label="Now"
              name="to"
              value={target}
              onChange={setTo}
              choices={goals.map((s) => [s, WORDS.PlantStage[s]] as const)}
            />
            <WordsField
              label="Into"
              name="into"
              value={into}
              onChange={setInto}
              helper="pots, plugs or bed, in your own words; optional"
            />
            {(target === "prickedOut" || target === "potted") && mixes.length > 0 && (
              <ChoiceField
                label="Mix"
                name="mix"
                value={mix}
                onChange={setMix}
                helper={mixWords(mixes.find((m) => m.name === mix)?.parts)}
                choices={[["", "not said"], ...mixes.map((m): [string, string] => [m.name, m.name])]}
              />
            )}
            {target === "potted" && (
              <MeasureField
                label="Pot width"
                name="potCm"
                measure="width"
                value={potCm}
                onChange={setPot}
                min={1}
                max={100}
                helper={
                  room?.words ??
                  `${units === "metric" ? "2.5–5 cm" : "1–2 in"} wider than before; used for the room they need`
                }
              />
            )}
            {target === "planted" && (
              <MeasureField
                label="Spacing"
                name="spacing"
                measure="width"
                value={spacingCm}
                onChange={setSpacing}
                min={1}
                max={1000}
                helper={ground ? groundWords(ground, units) : "optional"}
              />
            )}
            {(target === "prickedOut" || target === "potted") && (
              <Typography variant="body2">
                Crown at the level of the mix. Potting mix can carry Legionella: open it away from the face,
                keep it damp, wash hands.
              </Typography>
            )}
          </>
        )}
        {gesture === "thin" && (
          <Typography variant="body2">
            Snip them off at the mix; pulling tears the roots of the others.
          </Typography>
        )}
        {gesture === "lost" && (
          <ChoiceField
            label="To"
            name="cause"
            value={cause}
            onChange={setCause}
            choices={wordsOf(WORDS.LossCause)}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" disabled={plants === null} onClick={send}>
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
