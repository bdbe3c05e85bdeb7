import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { LogLine } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { useRecord } from "../../record/RecordProvider";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { useMay, useWho } from "../../people/usePerson";

const FIRST_SHOWN = 8;

/** Everything recorded, newest first. One gesture is one line and is taken back as one. */
export function EntryLog({ batch, log, today }: { batch: string; log: LogLine[]; today: Day }) {
  const { palette } = useDevice();
  const { takeBack } = useRecord();
  const who = useWho();
  const mayAll = useMay("grower");
  const [all, setAll] = useState(false);
  const acts = gestures(log).reverse();
  const shown = all ? acts : acts.slice(0, FIRST_SHOWN);
  if (acts.length === 0) return <Typography>Nothing recorded yet.</Typography>;
  return (
    <>
      <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }} data-testid="log">
        {shown.map((lines) => {
          const [first] = lines;
          if (!first) return null;
          const gone = lines.every((line) => line.fate === "takenBack");
          const standing = lines.filter((line) => line.fate !== "takenBack").map((line) => line.id);
          return (
            <Box
              component="li"
              key={first.act + first.id}
              data-kind={lines.map((line) => line.kind).join(" ")}
              data-source={first.source}
              sx={{
                display: "flex",
                gap: 1,
                alignItems: "center",
                borderTop: `1px solid ${palette.line}`,
                py: 0.25,
              }}
            >
              <Typography
                sx={{
                  flex: 1,
                  textDecoration: gone ? "line-through" : "none",
                  color: gone ? palette.ink2 : palette.ink,
                }}
              >
                <strong>{actDay(first.doneOn, today)}</strong> {lines.map((line) => line.words).join(" ")}{" "}
                <Box component="span" sx={{ color: palette.ink2 }}>
                  {first.who}
                  {first.source === "file"
                    ? ", from a file"
                    : first.source === "told"
                      ? ", earlier checks not recorded"
                      : ""}
                  {gone ? ", undone" : ""}
                </Box>
                {lines
                  .filter((line) => line.conflict)
                  .map((line) => (
                    <Box component="span" key={line.id} sx={{ display: "flex", gap: 0.5, fontWeight: 600 }}>
                      <AlarmMark small /> Not counted. {line.conflict}
                    </Box>
                  ))}
              </Typography>
              {!gone && (mayAll || lines.every((line) => line.who === who)) && (
                <Button
                  size="small"
                  onClick={() => void takeBack(batch, standing, today)}
                  aria-label={`undo: ${lines.map((l) => l.words).join(" ")}`}
                  sx={{ px: 1, whiteSpace: "nowrap" }}
                >
                  Undo
                </Button>
              )}
            </Box>
          );
        })}
      </Box>
      {acts.length > FIRST_SHOWN && (
        <Button onClick={() => setAll(!all)}>
          {all ? "Show the newest only" : `Show all ${acts.length}`}
        </Button>
      )}
    </>
  );
}

/** Lines of one gesture together, in the order of the log. */
function gestures(log: LogLine[]): LogLine[][] {
  const groups = new Map<string, LogLine[]>();
  for (const line of log) {
    const key = `${line.act} ${line.doneOn}`;
    groups.set(key, [...(groups.get(key) ?? []), line]);
  }
  return [...groups.values()];
}
