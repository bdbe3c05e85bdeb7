import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { usePlaces } from "../../book/queries";
import { ForRole } from "../../people/ForRole";
import { Card } from "../../shared/Card";
import { EmptyNote } from "../../shared/EmptyNote";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { several } from "../../shared/numbers";
import { NoneFound } from "../../shared/NoneFound";
import { useAsked } from "../../shared/useAsked";
import { useNarrow } from "../../shared/useNarrow";
import { VirtualRows } from "../../shared/VirtualRows";
import { addDays, shortDay } from "../../time/days";
import { BatchActs } from "./BatchActs";
import { BatchFilters } from "./BatchFilters";
import { BatchRow } from "./BatchRow";
import { ASKED_BY, isChosen } from "./batchAsked";
import { useBatchList } from "./useBatchList";

/** Days before and after today that the small ribbons show. */
const [BEFORE, AFTER] = [150, 150];

/** Heights of a row before it was drawn, px. */
const [ROW, NARROW_ROW] = [58, 104];

/** Every batch with where it stands and its ribbon around today; what is asked of the list stands in its address. */
export function Batches() {
  const { asked, ask, askNothing, isAsked } = useAsked(ASKED_BY);
  const { head, error, line, sees } = useBatchList(asked);
  const places = usePlaces().data ?? [];
  const isNarrow = useNarrow();
  const [ticked, setTicked] = useState<ReadonlySet<number>>(new Set());
  if (error && !head)
    return (
      <>
        <Failure error={error} />
        {isAsked && (
          <Button variant="outlined" sx={{ mt: 1 }} onClick={() => askNothing()}>
            Show all batches
          </Button>
        )}
      </>
    );
  if (!head) return <Loading what="the batches" />;
  const addTold = (
    <ForRole role="grower">
      <Button component={Link} to="/batches/told" variant="outlined">
        Add batches already in progress
      </Button>
    </ForRole>
  );
  if (head.all === 0) {
    return (
      <EmptyNote
        title="No batches yet"
        action={
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
            <Button component={Link} to="/plan" variant="contained">
              Plan a batch
            </Button>
            {addTold}
          </Box>
        }
      >
        A batch is seed of one lot put through one route together. It begins with a plan, or in the middle,
        with what is in the fridge already.
      </EmptyNote>
    );
  }
  const { today, found, all, choices, numbers } = head;
  const [from, to] = [addDays(today, -BEFORE), addDays(today, AFTER)];
  const tick = (number: number, isTicked: boolean) => {
    const next = new Set(ticked);
    if (isTicked) next.add(number);
    else next.delete(number);
    setTicked(next);
  };
  return (
    <Card label="batches">
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 2, rowGap: 1, mb: 1.5 }}>
        <Typography
          variant="h1"
          aria-live="polite"
          data-testid="batches-found"
          sx={{ flexBasis: { xs: "100%", md: "auto" } }}
        >
          {isChosen(asked)
            ? `${found} of ${several(all, "batch", "batches")}`
            : several(all, "batch", "batches")}
        </Typography>
        <Typography
          variant="body2"
          color="text.secondary"
          sx={{ flex: 1, display: { xs: "none", md: "block" } }}
        >
          ribbons from {shortDay(from, today)} to {shortDay(to, today)}; the line is today
        </Typography>
        <Box sx={{ display: "flex", gap: 1, "& .MuiButton-root": { px: { xs: 1, md: 2 }, lineHeight: 1.2 } }}>
          <Button component={Link} to="/labels" variant="outlined">
            Labels
          </Button>
          {addTold}
        </Box>
      </Box>
      <BatchFilters asked={asked} choices={choices} ask={ask} />
      <Failure error={error} />
      <Box sx={{ mt: 1 }}>
        {found === 0 ? (
          <NoneFound what="batch" all={all} askNothing={askNothing} />
        ) : (
          <VirtualRows
            count={found}
            height={isNarrow ? NARROW_ROW : ROW}
            label="batches"
            sees={sees}
            row={(index) => {
              const shown = line(index);
              return shown ? (
                <BatchRow
                  line={shown}
                  today={today}
                  from={from}
                  to={to}
                  placeName={(id) => places.find((p) => p.id === id)?.name ?? id}
                  isTicked={ticked.has(shown.batch.number)}
                  tick={(isTicked) => tick(shown.batch.number, isTicked)}
                />
              ) : (
                <Box sx={{ height: isNarrow ? NARROW_ROW : ROW }} />
              );
            }}
          />
        )}
      </Box>
      {ticked.size > 0 && (
        <BatchActs
          numbers={[...ticked]}
          found={found}
          hasAll={numbers.length > 0 && numbers.every((number) => ticked.has(number))}
          today={today}
          chooseAll={() => setTicked(new Set(numbers))}
          chooseNone={() => setTicked(new Set())}
        />
      )}
    </Card>
  );
}
