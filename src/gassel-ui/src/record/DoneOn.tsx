import { createContext, useContext, useMemo, useState } from "react";
import type { ReactNode } from "react";
import { useSite } from "../book/queries";
import type { Day } from "../time/days";

interface DoneOn {
  /** Day on which what is recorded now was done: today unless the grower chose an earlier one. */
  doneOn: Day;
  today: Day;
  setDoneOn: (day: Day) => void;
}

const UNKNOWN: Day = "1970-01-01";

const DoneOnContext = createContext<DoneOn | null>(null);

/** The chosen day goes along to every page and dialog until it is set back to today. */
export function DoneOnProvider({ children }: { children: ReactNode }) {
  const today = useSite().data?.today ?? UNKNOWN;
  const [chosen, setChosen] = useState<Day | null>(null);
  const value = useMemo<DoneOn>(
    () => ({
      doneOn: chosen !== null && chosen < today ? chosen : today,
      today,
      setDoneOn: (day) => setChosen(day < today ? day : null),
    }),
    [chosen, today],
  );
  return <DoneOnContext.Provider value={value}>{children}</DoneOnContext.Provider>;
}

export function useDoneOn(): DoneOn {
  const doneOn = useContext(DoneOnContext);
  if (!doneOn) throw new Error("useDoneOn outside DoneOnProvider");
  return doneOn;
}
