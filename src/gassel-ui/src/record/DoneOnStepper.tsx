import { DayStepper } from "../shared/DayStepper";
import { useDoneOn } from "./DoneOn";

/** The day for everything that is recorded from here on. */
export function DoneOnStepper() {
  const { doneOn, today, setDoneOn } = useDoneOn();
  return <DayStepper label="Done" day={doneOn} today={today} onChange={setDoneOn} />;
}
