import { WORDS } from "../../api/words";
import { Box, Typography } from "@mui/material";
import type { CountTray } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { actDay, daysBetween } from "../../time/days";
import type { Day } from "../../time/days";
import type { WaitingCount } from "./waitingCounts";

const SHOWN = 6;

/** What was counted before, the last first; what waits on this device above it. */
export function LastCounts({
  tray,
  waiting,
  today,
}: {
  tray: CountTray;
  waiting: WaitingCount[];
  today: Day;
}) {
  const { palette } = useDevice();
  const counts = [...tray.counts].reverse().slice(0, SHOWN);
  return (
    <Card label="last counts">
      <Typography variant="h2">Last counts</Typography>
      {counts.length + waiting.length === 0 ? (
        <Typography>None yet. Record 0 if you looked and found none.</Typography>
      ) : (
        <Box
          component="table"
          sx={{
            borderSpacing: 0,
            width: "100%",
            "& td, & th": { textAlign: "right", py: 0.4, px: 1, borderBottom: `1px solid ${palette.line}` },
            "& :first-of-type": { textAlign: "left" },
          }}
        >
          <thead>
            <tr>
              <th>counted</th>
              <th>day</th>
              <th>new</th>
              <th>lost</th>
              {tray.countsRoots && <th>rooted</th>}
            </tr>
          </thead>
          <tbody>
            {waiting.map((count) => (
              <tr key={count.entry} data-testid="waiting-count">
                <td>{actDay(count.on, today)}, waiting to be sent</td>
                <td>{daysBetween(tray.sownOn, count.on)}</td>
                <td>{count.emerged}</td>
                <td>{count.lost}</td>
                {tray.countsRoots && <td />}
              </tr>
            ))}
            {counts.map((count) => (
              <tr key={count.entry} data-testid="last-count">
                <td>{actDay(count.on, today)}</td>
                <td>{daysBetween(tray.sownOn, count.on)}</td>
                <td>{count.emerged}</td>
                <td>
                  {count.lost}
                  {count.lost > 0 &&
                    count.cause &&
                    count.cause !== "unknown" &&
                    `, ${WORDS.LossCause[count.cause]}`}
                </td>
                {tray.countsRoots && <td>{count.rooted}</td>}
              </tr>
            ))}
          </tbody>
        </Box>
      )}
    </Card>
  );
}
