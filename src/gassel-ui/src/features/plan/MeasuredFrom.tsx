import { Typography } from "@mui/material";
import type { FrostDay } from "../../api/types";
import { DayField } from "../../shared/DayField";
import { NumberField } from "../../shared/NumberField";
import { actDay, addDays, monthDayWords } from "../../time/days";
import type { Day } from "../../time/days";
import { frostOf } from "./wish";
import type { Wish } from "./wish";
import { ChoiceField } from "../../shared/ChoiceField";

interface MeasuredFromProps {
  wish: Wish;
  change: (part: Partial<Wish>) => void;
  frostDays: FrostDay[];
  today: Day;
}

/** From which day of which year the target is measured. */
export function MeasuredFrom({ wish, change, frostDays, today }: MeasuredFromProps) {
  const byFreeze = wish.aim === "plantsBeforeFreeze";
  if (!byFreeze && wish.aim !== "sowByFrost" && wish.aim !== "plantsByFrost") return null;
  const choices = frostDays.filter((d) =>
    byFreeze ? d.kind === "groundFreeze" : d.kind === "lastFrostUsual" || d.kind === "lastFrostSafe",
  );
  const frost = frostOf(wish, frostDays);
  const own = byFreeze ? choices.length === 0 : wish.from === "own" || choices.length === 0;
  const weeks = byFreeze ? wish.weeksBeforeFreeze : wish.weeks;
  const signed = byFreeze && weeks !== null ? -weeks : weeks;
  return (
    <>
      {byFreeze ? (
        <NumberField
          key="before"
          label="Weeks before the ground freezes"
          name="weeksBeforeFreeze"
          value={wish.weeksBeforeFreeze}
          onChange={(weeksBeforeFreeze) => change({ weeksBeforeFreeze })}
          min={0}
          max={26}
          helper={
            signed !== null && frost
              ? `${actDay(addDays(frost, 7 * signed), today)}; four to eight is usual`
              : "four to eight is usual"
          }
        />
      ) : (
        <NumberField
          key="from"
          label="Weeks from last frost"
          name="weeks"
          value={wish.weeks}
          onChange={(value) => change({ weeks: value })}
          min={-52}
          max={104}
          helper={
            signed !== null && frost
              ? `${weekWords(signed)}: ${actDay(addDays(frost, 7 * signed), today)}`
              : "before it: with a minus, as −6"
          }
        />
      )}
      {!byFreeze && choices.length > 0 && (
        <ChoiceField
          label="Last frost day"
          name="frostFrom"
          value={wish.from}
          onChange={(from) => change({ from })}
          helper={choices.find((d) => d.kind === wish.from)?.words}
          choices={[
            ...choices.map(
              (d) =>
                [
                  d.kind,
                  `${monthDayWords(d.monthDay)}: ${d.kind === "lastFrostSafe" ? "the safer day" : "the usual day"}`,
                ] as const,
            ),
            ["own", "a day of your own"],
          ]}
        />
      )}
      {byFreeze && choices[0] && (
        <Typography variant="body2">
          The ground freezes {monthDayWords(choices[0].monthDay)}: {choices[0].words}.
        </Typography>
      )}
      {own ? (
        <DayField
          label={byFreeze ? "Ground freezes" : "Last frost"}
          name="lastFrost"
          value={wish.frost}
          today={today}
          onChange={(value) => change({ frost: value })}
        />
      ) : (
        <NumberField
          label="Year"
          name="year"
          value={wish.year}
          onChange={(year) => change({ year })}
          min={1900}
          max={2200}
        />
      )}
    </>
  );
}

function weekWords(weeks: number): string {
  if (weeks === 0) return "on it";
  const count = Math.abs(weeks);
  return `${count} ${count === 1 ? "week" : "weeks"} ${weeks < 0 ? "before" : "after"}`;
}
