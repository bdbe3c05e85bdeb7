import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import type { Day } from "../../time/days";
import type { StartDraft } from "./startDraft";

interface StartFrostProps {
  draft: StartDraft;
  today: Day;
  change: (part: Partial<StartDraft>) => void;
  error: unknown;
  save: () => void;
}

/** When frost ends and begins; plans count back from it. */
export function StartFrost({ draft, today, change, error, save }: StartFrostProps) {
  return (
    <>
      <Typography variant="h1">When is your last frost?</Typography>
      <Typography>
        Plans count back from it. The usual day is the one after which frost still comes in about half of the
        springs; ask a neighbour who gardens. You can change it at any time.
      </Typography>
      <Box sx={{ display: "grid", gap: 1.5, gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr" } }}>
        <DayField
          label="Usual last frost in spring"
          name="lastFrost"
          value={draft.lastFrost}
          today={today}
          onChange={(lastFrost) => change({ lastFrost })}
        />
        <DayField
          label="Usual first frost in autumn"
          name="firstFrost"
          value={draft.firstFrost}
          today={today}
          onChange={(firstFrost) => change({ firstFrost })}
        />
      </Box>
      <Typography variant="body2" color="text.secondary">
        Better than a usual day: <Link to="/site/weather">read a file of daily weather</Link> afterwards, and
        Gassel tells the risk for every date.
      </Typography>
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
        <Button variant="contained" disabled={draft.lastFrost === null} onClick={save}>
          Next: your places
        </Button>
        <Button component={Link} to="/">
          Finish later
        </Button>
      </Box>
    </>
  );
}
