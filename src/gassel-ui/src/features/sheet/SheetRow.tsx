import { Box, Button, Checkbox, Typography } from "@mui/material";
import { AlarmMark } from "../../shared/AlarmMark";
import { useDevice } from "../../look/DeviceContext";
import { Choice } from "../../shared/Choice";
import { MeasureField } from "../../shared/MeasureField";
import { NumberField } from "../../shared/NumberField";
import type { Day } from "../../time/days";
import { title, when } from "../rounds/dueWords";
import { wantsReading } from "./sheet";
import type { Mark } from "./sheet";
import type { DueLine } from "../rounds/dueLines";

interface SheetRowProps {
  line: DueLine;
  mark: Mark;
  today: Day;
  waits: boolean;
  change: (mark: Mark) => void;
}

/** A line with its box: ticked by pencil on paper, or here with what was otherwise. */
export function SheetRow({ line, mark, today, waits, change }: SheetRowProps) {
  const { palette } = useDevice();
  const { part, item } = line;
  const unread = wantsReading(line);
  const name = `B-${part.number} ${part.commonName}`;
  const { kind } = item.due;
  return (
    <Box
      data-state={unread ? "unread" : waits ? "waiting" : "asked"}
      data-testid={`line-${line.key}`}
      sx={{
        display: "flex",
        alignItems: "center",
        flexWrap: "wrap",
        columnGap: 1,
        borderTop: `1px solid ${palette.line}`,
        minHeight: { xs: 48 },
        "@media print": { minHeight: 0, py: "0.2mm", flexWrap: "nowrap" },
      }}
    >
      <Box
        sx={{
          display: "none",
          "@media print": { display: "block" },
          width: "4mm",
          height: "4mm",
          border: "1px solid #000",
          flex: "none",
        }}
      />
      {unread || waits ? (
        <Typography component="span" sx={{ width: 48, textAlign: "center", displayPrint: "none" }}>
          ·
        </Typography>
      ) : (
        <Checkbox
          checked={mark.done}
          onChange={(event) => change({ ...mark, done: event.target.checked })}
          slotProps={{ input: { "aria-label": `done: ${name}, ${title(part, item)}` } }}
          sx={{ width: 48, height: 48, displayPrint: "none" }}
        />
      )}
      <Typography
        sx={{
          flex: "1 1 15em",
          "@media print": { fontSize: "10pt", lineHeight: 1.2, "& svg": { width: "9pt", height: "9pt" } },
        }}
      >
        {item.due.lateDays > 0 && <AlarmMark small />} <b>{name}</b>
        {part.part === "1" ? "" : `, part ${part.part}`}
        {part.vessel && `, ${part.vessel.label}`}
        {part.vessel?.slot && `, ${part.vessel.slot}`}: {title(part, item)}, {when(item, today)}
        {waits && <b>; recorded, waiting to be sent</b>}
        {unread && <b>; read its caution first, on Rounds</b>}
      </Typography>
      <Box
        component="span"
        sx={{
          display: "none",
          "@media print": { display: "inline", fontSize: "10pt", whiteSpace: "nowrap" },
        }}
      >
        {BLANKS[kind] ?? ""}
      </Box>
      {mark.done && !waits && kind === "checkBag" && !mark.otherwise && (
        <Button
          onClick={() => change({ ...mark, otherwise: true })}
          aria-label={`problem: ${name}`}
          sx={{ displayPrint: "none" }}
        >
          Problem…
        </Button>
      )}
      {mark.done && !waits && kind === "checkBag" && mark.otherwise && (
        <Box
          sx={{
            display: "flex",
            flexWrap: "wrap",
            gap: 1,
            py: 0.5,
            alignItems: "flex-start",
            displayPrint: "none",
          }}
        >
          <Choice
            label={`moisture of ${name}`}
            value={mark.moisture}
            options={[
              ["dry", "dry"],
              ["right", "moist"],
              ["dripping", "dripping"],
            ]}
            onChange={(moisture) => change({ ...mark, moisture })}
          />
          <Choice
            label={`mould in ${name}`}
            value={mark.mould}
            options={[
              ["none", "no mould"],
              ["some", "some"],
              ["much", "much"],
            ]}
            onChange={(mould) => change({ ...mark, mould })}
          />
          <Number
            label="sprouted"
            name={`sprouted-${line.key}`}
            max={part.seeds - part.sprouted}
            value={mark.number}
            onChange={(number) => change({ ...mark, number })}
          />
        </Box>
      )}
      {mark.done && !waits && kind === "lookForSwelling" && (
        <Number
          label={`swollen of ${part.seeds}`}
          name={`swollen-${line.key}`}
          max={part.seeds}
          value={mark.number}
          onChange={(number) => change({ ...mark, number })}
        />
      )}
      {mark.done && !waits && kind in MOVED && (
        <Number
          label={MOVED[kind] ?? ""}
          name={`moved-${line.key}`}
          max={part.seeds}
          value={mark.number}
          onChange={(number) => change({ ...mark, number })}
        />
      )}
      {mark.done && !waits && kind === "takeHeight" && (
        <Box sx={{ width: 140, displayPrint: "none" }}>
          <MeasureField
            label="tall"
            name={`tall-${line.key}`}
            measure="width"
            value={mark.number === null ? null : mark.number / 10}
            onChange={(cm) => change({ ...mark, number: cm === null ? null : 10 * cm })}
            min={0.1}
            max={500}
          />
        </Box>
      )}
      {mark.done && !waits && kind === "countSeedlings" && (
        <Box sx={{ display: "flex", gap: 1, displayPrint: "none" }}>
          <Number
            label="new"
            name={`new-${line.key}`}
            max={part.seeds}
            value={mark.number}
            onChange={(number) => change({ ...mark, number })}
          />
          <Number
            label="lost"
            name={`lost-${line.key}`}
            max={part.seeds}
            value={mark.lost}
            onChange={(lost) => change({ ...mark, lost })}
          />
        </Box>
      )}
    </Box>
  );
}

/** What is filled in by pencil beside the box. */
const BLANKS: Partial<Record<DueLine["item"]["due"]["kind"], string>> = {
  checkBag: "dry · dripping · mould · ____ sprouted",
  lookForSwelling: "____ swollen",
  countSeedlings: "____ new  ____ lost",
  prickOut: "____ pricked out",
  thin: "____ thinned",
  repot: "____ repotted",
  takeHeight: "____ tall",
  lookAgain: "gone · better · no better · worse",
  plantOut: "____ planted",
  lookForReturn: "____ came up again",
};

/** Plants that a line moves or takes out, by number. */
const MOVED: Partial<Record<DueLine["item"]["due"]["kind"], string>> = {
  prickOut: "pricked out",
  thin: "thinned",
  repot: "repotted",
  plantOut: "planted",
  lookForReturn: "came up again",
};

interface NumberProps {
  label: string;
  name: string;
  max: number;
  value: number | null;
  onChange: (value: number | null) => void;
}

const Number = (props: NumberProps) => (
  <Box sx={{ width: 120 }}>
    <NumberField {...props} min={0} />
  </Box>
);
