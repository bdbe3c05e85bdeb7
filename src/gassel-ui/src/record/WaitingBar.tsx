import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useSession, useSite } from "../book/queries";
import { useDevice } from "../look/DeviceContext";
import { AlarmMark } from "../shared/AlarmMark";
import { useRecord } from "./RecordProvider";
import { several } from "../shared/numbers";
import { actDay, timeAt } from "../time/days";
import { entriesOf } from "../offline/keep";
import type { QueuedAct } from "../offline/keep";
import { isOfAnother } from "../offline/sending";
import { markRefused, readQueue, takeOut } from "../offline/queue";
import { useConnection } from "../offline/useConnection";
import { useQueue } from "../offline/useQueue";

/** Tells that Gassel does not answer, and what waits on this device until it does. Nothing where all is well. */
export function WaitingBar() {
  const { palette } = useDevice();
  const { reached } = useConnection();
  const queue = useQueue();
  const site = useSite().data;
  const { sendWaiting } = useRecord();
  const [open, setOpen] = useState(false);
  const refused = queue.filter((act) => act.refused !== null).length;
  const by = useSession().data?.name ?? null;
  const others = queue.filter((act) => act.refused === null && isOfAnother(act, by));
  const names = [...new Set(others.map((act) => act.who))].join(" and ");
  const waiting = queue.length - refused - others.length;
  if (reached && queue.length === 0) return null;
  return (
    <Box
      role="status"
      data-testid="waiting-bar"
      data-state={reached ? "answers" : "noAnswer"}
      sx={{
        bgcolor: palette.card,
        borderBottom: `3px solid ${palette.ochre}`,
        px: { xs: 1.5, md: 3 },
        py: 0.5,
        displayPrint: "none",
      }}
    >
      <Box
        sx={{
          display: "flex",
          alignItems: "center",
          flexWrap: "wrap",
          columnGap: 1.5,
          maxWidth: 1400,
          mx: "auto",
        }}
      >
        {(refused > 0 || !reached) && <AlarmMark />}
        <Typography sx={{ flex: "1 1 14em", fontWeight: 600 }}>
          {!reached && "Gassel does not answer. "}
          {!reached && site && (
            <span style={{ fontWeight: 400 }}>
              It last answered at {timeAt(Date.parse(site.now), site.timeZone)}, {actDay(site.today)}.{" "}
            </span>
          )}
          {waiting > 0 && `${several(waiting, "recording waits", "recordings wait")} on this device. `}
          {others.length > 0 &&
            `${several(others.length, "recording waits", "recordings wait")} for ${names} to sign in here. `}
          {refused > 0 && `${several(refused, "recording is", "recordings are")} not accepted.`}
        </Typography>
        {queue.length > 0 && (
          <Button onClick={() => setOpen(!open)} aria-expanded={open}>
            {open ? "Hide" : "Show"}
          </Button>
        )}
        {waiting > 0 && reached && <Button onClick={() => void sendWaiting()}>Send now</Button>}
      </Box>
      {open && (
        <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0, maxWidth: 1400, mx: "auto" }}>
          {queue.map((act) => (
            <Waiting key={act.n} act={act} />
          ))}
        </Box>
      )}
    </Box>
  );
}

function Waiting({ act }: { act: QueuedAct }) {
  const { palette } = useDevice();
  const { sendWaiting } = useRecord();
  const again = async () => {
    await markRefused(act, null);
    await sendWaiting();
  };
  return (
    <Box
      component="li"
      sx={{
        borderTop: `1px solid ${palette.line}`,
        py: 0.5,
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        columnGap: 1.5,
      }}
    >
      <Typography sx={{ flex: "1 1 16em" }}>
        {act.told}, {actDay(entriesOf(act)[0]?.doneOn ?? "")}, by {act.who}
        {act.refused && `. Not accepted: ${act.refused}`}
      </Typography>
      {act.refused && <Button onClick={() => void again()}>Try again</Button>}
      {act.refused && <Button onClick={() => void takeOut(act.n).then(readQueue)}>Delete</Button>}
    </Box>
  );
}
