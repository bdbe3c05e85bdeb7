import { useState } from "react";
import { Box, Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import { usePreparation } from "../../book/queries";
import type { PreparationStep, ToSetOut, YardSpot } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { Cautions } from "../../shared/Cautions";
import { ChoiceField } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { ContainerFields } from "./ContainerFields";
import { setupOf } from "./containerDraft";
import { changed, prepared, setOut, startDraft } from "./preparation";
import type { PreparationDraft } from "./preparation";
import { TableSteps } from "./TableSteps";
import { useDoneOn } from "../../record/DoneOn";
import { WordsField } from "../../shared/WordsField";

interface PrepareDialogProps {
  batch: ToSetOut;
  spots: YardSpot[];
  today: Day;
  close: () => void;
}

/** At the table: what kind of container, what is done to it, how many, and where they go. */
export function PrepareDialog({ batch, spots, today, close }: PrepareDialogProps) {
  const { record } = useRecord();
  const { doneOn } = useDoneOn();
  const [draft, setDraft] = useState<PreparationDraft>(() => startDraft(batch, spots[0]?.place.id ?? "yard"));
  const [done, setDone] = useState<PreparationStep[]>(batch.done);
  const set = (part: Partial<PreparationDraft>) => setDraft((before) => changed(batch, before, part));
  const advice = usePreparation(setupOf(draft), batch.seeds, draft.containers ?? 1).data;
  const steps = advice?.steps ?? [];
  const missing = steps.filter((s) => !done.includes(s.step)).length;
  const name = `B-${batch.number} ${batch.commonName}`;
  const send = async (out: boolean) => {
    // what the book objects to is mended here, so the list stays until it is in
    const recorded = await record(
      batch.batchId,
      out ? setOut(batch, draft, done) : prepared(batch, draft, done),
      doneOn,
      out ? `${name}: ${several(draft.containers ?? 1, "container")} set out` : `${name}: made ready so far`,
    );
    if (recorded) close();
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="md" aria-labelledby="prepare-title">
      <DialogTitle id="prepare-title">
        {name}: make ready and set out, {actDay(doneOn, today)}
      </DialogTitle>
      <DialogContent
        sx={{
          display: "grid",
          gap: 2,
          gridTemplateColumns: { xs: "minmax(0,1fr)", sm: "minmax(0,1fr) minmax(0,1.2fr)" },
          pt: "8px !important",
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <ContainerFields draft={draft} change={set} />
          <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
            <NumberField
              label="Containers"
              name="containers"
              value={draft.containers}
              onChange={(containers) => set({ containers })}
              min={1}
              max={Math.min(50, batch.seeds)}
              helper={`${batch.seeds} seeds over them`}
            />
            <WordsField
              label="Labelled"
              name="label"
              value={draft.label}
              onChange={(written) => set({ label: written })}
              helper={
                (draft.containers ?? 1) > 1 ? `${draft.label}-1, ${draft.label}-2 …` : "as written on it"
              }
            />
          </Box>
          <ChoiceField
            label="Move to"
            name="place"
            value={draft.place}
            onChange={(place) => set({ place })}
            choices={spots.map((s) => [s.place.id, s.place.name] as const)}
          />
        </Box>
        <Box>
          <Typography variant="h3">At the table</Typography>
          <TableSteps steps={steps} done={done} change={setDone} />
          {(advice?.doubts ?? []).map((doubt) => (
            <Typography key={doubt} sx={{ display: "flex", gap: 0.75, mt: 0.5 }} data-testid="doubt">
              <AlarmMark small />
              <span>{doubt}</span>
            </Typography>
          ))}
          {advice?.surface && (
            <Typography
              variant={advice.surface.isTooThick ? "body1" : "body2"}
              sx={{ display: "flex", gap: 0.75, mt: 0.5 }}
              data-testid="surface"
            >
              {advice.surface.isTooThick && <AlarmMark small />}
              <span>{advice.surface.words}</span>
            </Typography>
          )}
          {(advice?.reminders ?? []).map((reminder) => (
            <Typography key={reminder} variant="body2" sx={{ mt: 0.5 }}>
              {reminder}
            </Typography>
          ))}
          <Cautions cautions={batch.cautions} />
        </Box>
      </DialogContent>
      <DialogActions sx={{ flexWrap: "wrap", "& .MuiButton-root": { whiteSpace: "nowrap" } }}>
        <Typography
          sx={{ mr: "auto", pl: 2, flexBasis: { xs: "100%", sm: "auto" } }}
          color="text.secondary"
          data-testid="prepared"
          data-state={missing === 0 ? "done" : "missing"}
        >
          {missing === 0 ? "all done" : `${several(missing, "step")} not checked off`}
        </Typography>
        <Button onClick={close}>Cancel</Button>
        <Button onClick={() => void send(false)} disabled={done.length === 0}>
          Finish later
        </Button>
        <Button
          variant="contained"
          disabled={draft.containers === null || draft.label.trim() === "" || draft.mixCm === null}
          onClick={() => void send(true)}
        >
          Set out
        </Button>
      </DialogActions>
    </Dialog>
  );
}
