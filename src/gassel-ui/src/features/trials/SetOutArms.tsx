import { useState } from "react";
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, Typography } from "@mui/material";
import type { EntryPayload, PreparationStep, TrialView } from "../../api/types";
import { useDoneOn } from "../../record/DoneOn";
import { useRecord } from "../../record/RecordProvider";
import { actDay } from "../../time/days";
import type { Day } from "../../time/days";
import { TableSteps } from "../yard/TableSteps";

type Arm = TrialView["arms"][number];

interface SetOutArmsProps {
  trial: TrialView;
  /** Those whose containers go out. */
  arms: Arm[];
  today: Day;
  close: () => void;
}

/** At the table: containers of the arms made ready alike, then set out where the layout has them. */
export function SetOutArms({ trial, arms, today, close }: SetOutArmsProps) {
  const { recordMany } = useRecord();
  const { doneOn } = useDoneOn();
  const [done, setDone] = useState<PreparationStep[]>([]);
  const steps = [...new Map(arms.flatMap((arm) => arm.atTable).map((line) => [line.step, line])).values()];
  const many = trial.design.plots.filter((p) =>
    arms.some((arm) => trial.design.arms[p.arm]?.batch === arm.arm.batch),
  ).length;
  const payloads = (arm: Arm): EntryPayload[] => {
    const own = arm.atTable.map((line) => line.step).filter((step) => done.includes(step));
    return arm.sowing.map((payload) => (payload.kind === "prepared" ? { ...payload, done: own } : payload));
  };
  const send = async () => {
    const names = arms.map((arm) => arm.arm.name).join(", ");
    const recorded = await recordMany(
      arms.map((arm) => ({ batch: arm.arm.batch, payloads: payloads(arm) })),
      doneOn,
      `T-${trial.number}: ${names} set out by the layout`,
      [],
    );
    if (recorded) close();
  };
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="set-out-arms">
      <DialogTitle id="set-out-arms">
        T-{trial.number}: {many} containers made ready and set out, {actDay(doneOn, today)}
      </DialogTitle>
      <DialogContent>
        <Typography sx={{ mb: 1 }}>
          Treat every container alike, but for the one thing that is changed: {trial.design.changed}.
        </Typography>
        <TableSteps steps={steps} done={done} change={setDone} />
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button variant="contained" onClick={() => void send()}>
          Set out
        </Button>
      </DialogActions>
    </Dialog>
  );
}
