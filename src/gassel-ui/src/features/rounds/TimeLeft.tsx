import { useEffect, useState } from "react";
import { Typography } from "@mui/material";
import { useSite } from "../../book/queries";
import { fromNow, siteMoment } from "../../record/moment";
import { timeAt } from "../../time/days";

const EVERY_MS = 20_000;

/** Hours to go, where hours matter. It is reckoned from what was recorded, so that closing the page stops nothing. */
export function TimeLeft({ dueAt }: { dueAt: string }) {
  const site = useSite().data;
  const [device, setDevice] = useState(() => Date.now());
  useEffect(() => {
    const ticking = setInterval(() => setDevice(Date.now()), EVERY_MS);
    return () => clearInterval(ticking);
  }, []);
  if (!site) return null;
  const due = Date.parse(dueAt);
  return (
    <Typography component="div" sx={{ fontWeight: 700 }} data-testid="time-left">
      {fromNow(due, siteMoment(site, device))}, at {timeAt(due, site.timeZone)}
    </Typography>
  );
}
