import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { BatchView, PartView } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { SERIF } from "../../look/theme";
import { AlarmMark } from "../../shared/AlarmMark";
import { EmergenceChart } from "../../drawings/EmergenceChart";
import { Card } from "../../shared/Card";
import { inDays, percent } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { addDays, daysBetween, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { warmthWords } from "../sowing/sowingWords";
import { adviceWords } from "./adviceWords";
import { CauseList } from "./CauseList";
import { halfWords, inWords } from "./germinationWords";
import { SowingActions } from "./SowingActions";
import { emergenceNumbers } from "../../drawings/chartNumbers";
import { ChartTable } from "../../shared/ChartTable";

interface PartResultProps {
  batch: BatchView;
  part: PartView;
  today: Day;
  alone: boolean;
}

/** What the counts of one sown part say, with its curve. Times run from its own sowing. */
export function PartResult({ batch, part, today, alone }: PartResultProps) {
  const { state, result } = part;
  const { window } = part;
  if (!result || !state.sownOn || !window) return null;
  const { times, advice } = result;
  const range = state.estimatePercent;
  return (
    <Card label={`emergence of ${state.vessel?.label ?? `part ${state.id}`}`}>
      <Box sx={{ display: "flex", alignItems: "baseline", flexWrap: "wrap", columnGap: 1.5 }}>
        <Typography variant="h2">
          {alone ? "Emergence" : `Emergence, part ${state.id}`}
          {state.vessel ? ` in ${state.vessel.label}` : ""}
        </Typography>
        <Typography variant="body2" color="text.secondary">
          sown {shortDay(state.sownOn, today)}
        </Typography>
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 4, rowGap: 0.5, my: 0.5 }}>
        {result.lookFrom != null && (
          <Figure
            name="expected"
            value={`from ${shortDay(addDays(state.sownOn, Math.ceil(result.lookFrom)), today)}`}
            note="no seedlings before that day"
            id="part-look-from"
          />
        )}
        {result.lookFrom == null && state.counts.length === 0 && (
          <Figure name="up" value="not counted" note={`of ${result.sown} seeds`} id="part-fraction" />
        )}
        {state.counts.length > 0 && (
          <Figure
            name="up"
            value={percent(result.fraction)}
            note={
              `${result.emerged} of ${result.sown}${range === null ? "" : ` ± ${range} %`}; ` +
              `${percent(result.wilson.low)} to ${percent(result.wilson.high)}`
            }
            id="part-fraction"
          />
        )}
        {result.emerged > 0 && (
          <Figure
            name="half up by (T50)"
            value={halfWords(result)}
            note="of those that came up"
            id="part-t50"
          />
        )}
        {times.mean !== null && (
          <Figure name="mean time" value={inDays(times.mean)} note="sowing to emergence" id="part-mean" />
        )}
        <Figure
          name="standing"
          value={String(state.standing)}
          note={`${state.lost} lost`}
          id="part-standing"
        />
      </Box>
      <EmergenceChart result={result} window={window} dayNow={daysBetween(state.sownOn, today)} />
      <ChartTable {...emergenceNumbers(result)} />
      {part.warmth?.isTooWarm && (
        <Typography sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
          <AlarmMark />
          <span>{warmthWords(part.warmth)}</span>
        </Typography>
      )}
      {part.roots && (
        <Typography data-testid="part-roots">
          Roots, counted apart: {part.roots.emerged} of {part.roots.sown}, {percent(part.roots.fraction)} (
          {percent(part.roots.wilson.low)} to {percent(part.roots.wilson.high)}).
        </Typography>
      )}
      {state.closedOn ? (
        <Typography sx={{ fontWeight: 600 }}>
          Not waiting for its seed since {shortDay(state.closedOn, today)}.
        </Typography>
      ) : state.keptOn ? (
        <Typography sx={{ fontWeight: 600 }}>
          Finished for this spring on {shortDay(state.keptOn, today)}; kept for the next.
        </Typography>
      ) : (
        advice && (
          <Typography sx={{ fontWeight: 600 }} data-testid="advice">
            {adviceWords(advice)}
          </Typography>
        )
      )}
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
        <Why lines={[...result.working, ...(advice?.working ?? [])]} about="these numbers" />
        <AllNumbers result={result} />
        <CauseList batch={batch.summary.id} part={state.id} />
        <SowingActions batch={batch.summary.id} number={batch.summary.number} part={part} />
      </Box>
    </Card>
  );
}

/** Everything the counts say, behind one gesture. */
function AllNumbers({ result }: { result: NonNullable<PartView["result"]> }) {
  const { palette } = useDevice();
  const [open, setOpen] = useState(false);
  return (
    <Box sx={{ width: open ? "100%" : "auto", order: open ? 9 : 0 }}>
      <Button size="small" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? "Fewer numbers" : "All numbers"}
      </Button>
      {open && (
        <Box
          component="table"
          data-testid="all-numbers"
          sx={{
            borderSpacing: 0,
            width: "100%",
            "& td": { py: 0.4, pr: 1.5, borderBottom: `1px solid ${palette.line}`, verticalAlign: "top" },
          }}
        >
          <tbody>
            {inWords(result).map((row) => (
              <tr key={row.name}>
                <td>{row.name}</td>
                <td>
                  <b>{row.value}</b>
                </td>
                <td>{row.means}</td>
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Box>
  );
}

function Figure({ name, value, note, id }: { name: string; value: string; note: string; id: string }) {
  return (
    <Box>
      <Typography variant="body2">{name}</Typography>
      <Typography
        component="p"
        sx={{ fontFamily: SERIF, fontWeight: 600, fontSize: "1.35rem", lineHeight: 1.15 }}
        data-testid={id}
      >
        {value}
      </Typography>
      <Typography variant="body2" color="text.secondary">
        {note}
      </Typography>
    </Box>
  );
}
