import { WORDS } from "../../api/words";
import { useState } from "react";
import type { ComponentProps } from "react";
import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from "@mui/material";
import { usePlacesInUse, useSite } from "../../book/queries";
import type { BagCare, Moisture, MouldSeen, StandingDue, StandingPart } from "../../api/types";
import { fits } from "./careWords";
import { lookPayloads, usualOf } from "./look";
import type { SproutAction } from "../../record/entries";
import { useRecord } from "../../record/RecordProvider";
import { Choice } from "../../shared/Choice";
import { Cautions } from "../../shared/Cautions";
import { NumberField } from "../../shared/NumberField";
import { several } from "../../shared/numbers";
import { vesselWords } from "../sowing/sowingWords";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { ChoiceField } from "../../shared/ChoiceField";

interface LookDialogProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  /** Names the due thing, so that it is not asked for again while the recording waits. */
  settles: string;
  /** The thermometer of the place as just read by eye, °C; null where nobody did. */
  placeC: number | null;
  close: () => void;
}

/** A bag that is not as it should be: dry or dripping, mouldy, or sprouting. */
export function LookDialog({ part, item, doneOn, today, settles, placeC, close }: LookDialogProps) {
  const { record } = useRecord();
  const school = useSite().data?.settings.sproutSchool ?? "pickOutFirst";
  const [moisture, setMoisture] = useState<Moisture>("right");
  const [mould, setMould] = useState<MouldSeen>("none");
  const [sprouted, setSprouted] = useState<number | null>(0);
  const [care, setCare] = useState<BagCare[]>([]);
  const [place, setPlace] = useState("");
  const places = usePlacesInUse();
  const [chosen, setChosen] = useState<SproutAction | null>(null);
  const left = part.seeds - part.sprouted;
  const usual = usualOf(part, sprouted ?? 0, doneOn, today);
  const name = `B-${part.number} ${part.commonName}`;
  const send = async () => {
    const payloads = lookPayloads(part, {
      moisture,
      mould,
      sprouted: sprouted ?? 0,
      care,
      place,
      chosen,
      placeC,
    });
    close();
    await record(
      part.batchId,
      payloads,
      doneOn,
      `${name}: check recorded${sprouted ? `, ${sprouted} sprouted` : ""}`,
      settles,
    );
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="look-title">
      <DialogTitle id="look-title">
        {name}: what the {vesselWords(part.vessel?.kind ?? "bag")} looked like {nearDay(doneOn, today)}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Titled
          label="Moisture"
          value={moisture}
          onChange={setMoisture}
          options={[
            ["dry", "dry"],
            ["right", "moist"],
            ["dripping", "dripping"],
          ]}
        />
        <Titled
          label="Mould"
          value={mould}
          onChange={setMould}
          options={[
            ["none", "none"],
            ["some", "some"],
            ["much", "much"],
          ]}
        />
        {mould !== "none" && (
          <Cautions cautions={item.cautions.filter((c) => c.topic === "mould" || c.topic === "toxicSeed")} />
        )}
        {moisture === "dry" && (
          <Typography>
            Wet it. It may have been dry since the last good check, so that time is uncertain.
          </Typography>
        )}
        <Box>
          <Typography sx={{ fontWeight: 600, mb: 0.5 }}>What was done</Typography>
          <ToggleButtonGroup
            value={care}
            aria-label="What was done"
            onChange={(_, next: BagCare[]) => setCare(next)}
            sx={{ flexWrap: "wrap" }}
          >
            {part.cares
              .filter((c) => fits(c, moisture, mould))
              .map((c) => (
                <ToggleButton key={c} value={c}>
                  {WORDS.BagCare[c]}
                </ToggleButton>
              ))}
          </ToggleButtonGroup>
        </Box>
        <NumberField
          label={`Newly sprouted, of ${several(left, "seed")}`}
          name="sprouted"
          value={sprouted}
          onChange={setSprouted}
          min={0}
          max={left}
          helper="0 if none"
        />
        {!sprouted && (
          <ChoiceField
            label="Move to"
            name="movedTo"
            value={place}
            onChange={setPlace}
            helper="three warm days before the shortest time may undo the cold"
            choices={[["", "where it was"], ...places.map((p) => [p.id, p.name] as const)]}
          />
        )}
        {(sprouted ?? 0) > 0 && (
          <>
            <Titled
              label="What was done with them"
              value={chosen ?? ""}
              onChange={(next) => next !== "" && setChosen(next)}
              options={[
                ["notYet", "not sown yet"],
                ["pickOut", "picked out and sown"],
                ["sowAll", part.vessel && part.vessel.kind !== "bag" ? "all of it sown" : "whole bag sown"],
              ]}
            />
            <Typography variant="body2" data-testid="sprouts-usual" data-state={usual}>
              {usual === "pickOut"
                ? `Usual here: pick out and sow the ${sprouted}, return the other ${left - (sprouted ?? 0)}. `
                : "Usual here: sow the whole bag. "}
              As set on Site: {WORDS.SproutSchool[school]}. Sow today or tomorrow, root down, frost-free.
              Common practice, no source.
            </Typography>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={sprouted === null || (sprouted > 0 && chosen === null)}
          onClick={() => void send()}
        >
          Record
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Titled<T extends string>(props: ComponentProps<typeof Choice<T>>) {
  return (
    <Box>
      <Typography sx={{ fontWeight: 600, mb: 0.5 }}>{props.label}</Typography>
      <Choice {...props} />
    </Box>
  );
}
