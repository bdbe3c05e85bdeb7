import { WORDS } from "../../api/words";
import { useState } from "react";
import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  Typography,
} from "@mui/material";
import { Link } from "react-router";
import { useSowing } from "../../book/queries";
import type {
  ContainerMix,
  Filling,
  SowCover,
  SowingView,
  Sown,
  StandingDue,
  StandingPart,
  Vessel,
} from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { Cautions } from "../../shared/Cautions";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { MeasureField } from "../../shared/MeasureField";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { NumberField } from "../../shared/NumberField";
import { nearDay } from "../../time/days";
import type { Day } from "../../time/days";
import { cellsMismatch, usualColumns } from "./cells";
import { SowCells } from "./SowCells";
import { hasCells } from "./sowingWords";
import { SowVessel } from "./SowVessel";

interface SowDialogProps {
  part: StandingPart;
  item: StandingDue;
  doneOn: Day;
  today: Day;
  settles: string;
  close: () => void;
}

/** Sowing other than usual: vessel, cells, depth, cover, how many to a cell, dome and place. */
export function SowDialog(props: SowDialogProps) {
  const { part, doneOn, today, close } = props;
  const sowing = useSowing(part.batchId);
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="sow-title">
      <DialogTitle id="sow-title">
        B-{part.number} {part.commonName}: sown {nearDay(doneOn, today)}
      </DialogTitle>
      {sowing.data ? (
        <SowForm {...props} view={sowing.data} />
      ) : (
        <DialogContent>
          {sowing.error ? <Failure error={sowing.error} /> : <Loading what="how it is sown" />}
        </DialogContent>
      )}
    </Dialog>
  );
}

const NEW_TRAY = "";

function SowForm({ part, doneOn, settles, close, view }: SowDialogProps & { view: SowingView }) {
  const { advice, trays, places } = view;
  const { record } = useRecord();
  const { palette } = useDevice();
  const first = part.seeds === 0;
  const usual = part.sowing;
  const [vessel, setVessel] = useState<Vessel>(
    () =>
      usual?.vessel ?? {
        kind: advice.vessels[0] ?? "tray",
        label: `tray ${part.number}`,
        cells: advice.cells,
        medium: null,
        slot: null,
        columns: null,
      },
  );
  const [shared, setShared] = useState(NEW_TRAY);
  const [some, setSome] = useState(false);
  const [cells, setCells] = useState<number[]>([]);
  const [seeds, setSeeds] = useState<number | null>(part.plannedSeeds);
  const [perCell, setPerCell] = useState<number | null>(part.sowing?.seedsPerCell ?? null);
  const [depthMm, setDepth] = useState<number | null>(usual?.depthMm ?? null);
  const [cover, setCover] = useState<SowCover>(usual?.cover ?? advice.cover ?? "mix");
  const [mix, setMix] = useState<ContainerMix | "">(usual?.mix ?? "");
  const [filling, setFilling] = useState<Filling>(usual?.filling ?? "moist");
  const [estimate, setEstimate] = useState<number | null>(advice.estimatePercent);
  const [dome, setDome] = useState(advice.dome);
  const [place, setPlace] = useState(view.usualPlace ?? places[0]?.id ?? "");
  const tray = trays.find((t) => t.label === shared);
  const celled = hasCells(vessel.kind);
  const grid = tray
    ? { columns: tray.columns, cells: tray.cells }
    : celled && vessel.cells
      ? { columns: vessel.columns ?? usualColumns(vessel.cells), cells: vessel.cells }
      : null;
  const free = tray?.free ?? (grid ? Array.from({ length: grid.cells }, (_, i) => i + 1) : []);
  const choosing = grid !== null && (some || tray !== undefined);
  const chosen = cells.filter((c) => free.includes(c));
  const stands = places.find((p) => p.id === place);
  const inAll = first ? seeds : part.seeds;
  const needed = perCell && inAll ? Math.ceil(inAll / perCell) : null;
  const mismatch = cellsMismatch(inAll, perCell, choosing ? chosen.length : grid ? grid.cells : null);
  const send = async () => {
    const sown: Sown & { kind: "sown" } = {
      kind: "sown",
      part: part.part,
      place: place || null,
      vessel: tray
        ? { ...vessel, kind: tray.kind, label: tray.label, cells: tray.cells, columns: tray.columns }
        : { ...vessel, cells: celled ? vessel.cells : null },
      depthMm: cover === "surface" ? 0 : depthMm,
      seeds: first ? seeds : null,
      seedsPerCell: celled ? perCell : null,
      cells: choosing ? chosen : null,
      cover,
      estimatePercent: estimate,
      dome,
      mix: mix || null,
      filling,
      water: usual?.water ?? null,
    };
    close();
    await record(part.batchId, [sown], doneOn, `B-${part.number} ${part.commonName}: sown`, settles);
  };
  return (
    <>
      <DialogContent data-testid="sow-form" sx={{ display: "grid", gap: 1.5, pt: "8px !important" }}>
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
          {trays.length > 0 && (
            <ChoiceField
              label="Into"
              name="shared"
              value={shared}
              onChange={(into) => {
                setShared(into);
                setCells([]);
              }}
              sx={{ gridColumn: "1 / -1" }}
              choices={[
                [NEW_TRAY, "a vessel of its own"],
                ...trays.map(
                  (t) => [t.label, `${t.label} with ${t.holds}, ${t.free.length} cells free`] as const,
                ),
              ]}
            />
          )}
          {!tray && (
            <SowVessel vessel={vessel} advice={advice} columns={grid?.columns ?? null} change={setVessel} />
          )}
          {first && (
            <NumberField
              label="Seeds sown"
              name="seeds"
              value={seeds}
              onChange={setSeeds}
              min={1}
              max={1_000_000}
            />
          )}
          {(celled || tray) && (
            <NumberField
              label="Seeds to a cell"
              name="perCell"
              value={perCell}
              onChange={setPerCell}
              min={1}
              max={1000}
              helper={advice.seedsPerCellWhy}
            />
          )}
        </Box>
        {vessel.kind === "flat" && !tray && (inAll ?? 0) > advice.flatFits && (
          <Typography sx={{ display: "flex", gap: 0.75, fontWeight: 600 }} data-testid="too-thick">
            <AlarmMark />
            <span>
              Too thick: {inAll} seeds, and about {advice.flatFits} fit in a flat of the usual size. Take
              several flats, or sow a part.
            </span>
          </Typography>
        )}
        {mismatch !== null && (
          <Typography sx={{ display: "flex", gap: 0.75, fontWeight: 600 }} data-testid="cells-mismatch">
            <AlarmMark />
            <span>{mismatch}</span>
          </Typography>
        )}
        {grid && !tray && (
          <FormControlLabel
            control={<Checkbox checked={some} onChange={(e) => setSome(e.target.checked)} name="some" />}
            label="only some of its cells"
          />
        )}
        {choosing && <SowCells grid={grid} free={free} chosen={chosen} needed={needed} change={setCells} />}
        <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
          <ChoiceField
            label="Covered"
            name="cover"
            value={cover}
            onChange={setCover}
            helper={advice.coverWhy}
            choices={wordsOf(WORDS.SowCover)}
          />
          {cover !== "surface" && (
            <MeasureField
              label="Depth"
              name="depth"
              measure="length"
              value={depthMm}
              onChange={setDepth}
              min={0}
              max={200}
              helper={advice.depth.why}
            />
          )}
          <ChoiceField
            label="Location"
            name="place"
            value={place}
            onChange={setPlace}
            helper={stands?.light ? `lamps ${stands.light}` : " "}
            choices={places.map((p) => [p.id, p.name])}
          />
          <ChoiceField<ContainerMix | "">
            label="Mix"
            name="mix"
            value={mix}
            onChange={setMix}
            choices={[["", "as set on Site"], ...wordsOf<ContainerMix>(WORDS.ContainerMix)]}
          />
          <ChoiceField
            label="Filled with"
            name="filling"
            value={filling}
            onChange={setFilling}
            choices={wordsOf<Filling>(WORDS.Filling)}
          />
          <NumberField
            label="Number sown is right within ±"
            name="estimate"
            value={estimate}
            onChange={setEstimate}
            min={1}
            max={90}
            unit="%"
            helper={advice.estimatePercent === null ? "leave empty if counted" : "scattered, not counted"}
          />
        </Box>
        {[stands?.warning, stands?.lightWarning].filter(Boolean).map((words) => (
          <Typography key={words} sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
            <AlarmMark />
            <span>{words}</span>
          </Typography>
        ))}
        <FormControlLabel
          control={<Checkbox checked={dome} onChange={(e) => setDome(e.target.checked)} name="dome" />}
          label="dome on"
        />
        <Typography variant="body2">{advice.domeWhy}</Typography>
        <Typography variant="body2">
          {advice.reminders.join(" ")}{" "}
          <Link to={`/labels?batch=${part.batchId}`} style={{ color: palette.slate }}>
            print its two labels
          </Link>
        </Typography>
        <Cautions cautions={view.cautions} />
      </DialogContent>
      <DialogActions data-testid="sow-actions">
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={
            (first && seeds === null) || vessel.label.trim() === "" || (choosing && chosen.length === 0)
          }
          onClick={() => void send()}
        >
          Record
        </Button>
      </DialogActions>
    </>
  );
}
