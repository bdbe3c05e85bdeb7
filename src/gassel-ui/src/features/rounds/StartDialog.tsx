import { WORDS } from "../../api/words";
import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { useMedia, usePlacesInUse } from "../../book/queries";
import type { ScarifyWay, StandingDue, StandingPart, Vessel } from "../../api/types";
import { stepWords } from "../../drawings/steps";
import { begins, usualStart, usualVessel } from "../../record/entries";
import { useRecord } from "../../record/RecordProvider";
import { Cautions } from "../../shared/Cautions";
import { NumberField } from "../../shared/NumberField";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { WordsField } from "../../shared/WordsField";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";

interface StartDialogProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  /** Names the due thing, so that it is not asked for again while the recording waits. */
  settles: string;
  close: () => void;
}

const MEDIUM_WORDS: Record<NonNullable<Vessel["medium"]>, string> = {
  towel: "paper towel",
  filterInTowel: "filter paper in a towel",
  sand: "sand",
  peatVermiculite: "peat and vermiculite",
  sphagnum: "sphagnum",
};

const KINDS: Vessel["kind"][] = ["bag", "jar", "tray", "pot", "container"];

/** Starting a step or sowing other than usual: another number of seeds, vessel or place. */
export function StartDialog({ part, item, doneOn, today, settles, close }: StartDialogProps) {
  const places = usePlacesInUse();
  const { record } = useRecord();
  const [vessel, setVessel] = useState(() => usualVessel(item, part));
  const [place, setPlace] = useState(item.toPlace ?? places[0]?.id ?? "");
  const [seeds, setSeeds] = useState<number | null>(part.plannedSeeds);
  const [way, setWay] = useState<ScarifyWay | "">("");
  const scarify = item.stepKind === "scarify";
  const first = begins(part);
  const moist = item.stepKind === "coldMoist" || item.stepKind === "warmMoist";
  const media = useMedia(part.batchId, moist ? (seeds ?? part.seeds) : 0);
  const amount = media.data?.find((m) => m.medium === vessel.medium);
  const name = `B-${part.number} ${part.commonName}`;
  const what = item.due.kind === "sow" ? "sown" : `${stepWords(item.stepKind)} started`;
  const send = async () => {
    const chosen = { ...item, toPlace: place };
    close();
    await record(
      part.batchId,
      usualStart(chosen, { ...part, plannedSeeds: seeds ?? part.plannedSeeds }, vessel, way || null),
      doneOn,
      `${name}: ${what}`,
      settles,
    );
  };
  // as they are, into what comes after the soak
  const goOn = async () => {
    if (part.stepIndex === null) return;
    close();
    await record(
      part.batchId,
      [{ kind: "stepEnded", part: part.part, step: part.stepIndex }],
      doneOn,
      `${name}: continues as it is`,
      settles,
    );
  };
  const endOnly = async () => {
    if (part.step === null || part.stepIndex === null) return;
    close();
    await record(
      part.batchId,
      [{ kind: "stepEnded", part: part.part, step: part.stepIndex }],
      doneOn,
      `${name}: ${stepWords(part.step)} ended`,
    );
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="xs" aria-labelledby="start-title">
      <DialogTitle id="start-title">
        {name}: {what} {nearDay(doneOn, today)}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, pt: "8px !important" }}>
        {first && (
          <NumberField
            label="Seeds used"
            name="seeds"
            value={seeds}
            onChange={setSeeds}
            min={1}
            max={1_000_000}
          />
        )}
        {scarify && (
          <ChoiceField
            label="How"
            name="way"
            value={way}
            onChange={setWay}
            choices={[["", "not noted"], ...wordsOf(WORDS.ScarifyWay)]}
          />
        )}
        <ChoiceField
          label="In"
          name="vesselKind"
          value={vessel.kind}
          onChange={(kind) => setVessel({ ...vessel, kind })}
          choices={KINDS.map((kind) => [kind, kind])}
        />
        <WordsField
          label="Labelled"
          name="label"
          value={vessel.label}
          onChange={(written) => setVessel({ ...vessel, label: written })}
          helper="as written on the labels"
        />
        {moist && (
          <ChoiceField
            label="Medium"
            name="medium"
            value={vessel.medium ?? ""}
            onChange={(medium) => setVessel({ ...vessel, medium })}
            helper={amount ? `${amount.amount}. ${amount.moistureTest}` : "amounts for this seed"}
            choices={(media.data ?? []).map(({ medium }) => [
              medium ?? "towel",
              MEDIUM_WORDS[medium ?? "towel"],
            ])}
          />
        )}
        {item.stepKind === "coldMoist" && (
          <Typography variant="body2">
            Moist, or it counts nothing: dry seed in the cold is only stored.
          </Typography>
        )}
        {amount && <Cautions cautions={item.cautions.filter((c) => amount.topics.includes(c.topic))} />}
        <ChoiceField
          label="Location"
          name="place"
          value={place}
          onChange={setPlace}
          choices={places.map((p) => [p.id, p.name])}
        />
        <WordsField
          label="Slot"
          name="slot"
          value={vessel.slot ?? ""}
          onChange={(written) => setVessel({ ...vessel, slot: written || null })}
          helper="where on the shelf; optional"
        />
      </DialogContent>
      <DialogActions>
        {item.due.kind === "scarifyAgain" && <Button onClick={() => void goOn()}>Go on without</Button>}
        {part.step && <Button onClick={() => void endOnly()}>Only end {stepWords(part.step)}</Button>}
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={seeds === null || vessel.label.trim() === ""}
          onClick={() => void send()}
        >
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}
