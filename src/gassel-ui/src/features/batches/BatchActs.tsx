import { lazy, Suspense, useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import { actingParts } from "../../book/queries";
import type { ActingPart } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { ForRole } from "../../people/ForRole";
import { useDoneOn } from "../../record/DoneOn";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { writeRanges } from "../../shared/ranges";
import type { Day } from "../../time/days";
import { CloseMany } from "./CloseMany";
import { WaterMany } from "./WaterMany";

const MoveDialog = lazy(() => import("../places/MoveDialog").then((m) => ({ default: m.MoveDialog })));

type Act = "move" | "water" | "close";

interface BatchActsProps {
  /** Numbers of the batches that are chosen. */
  numbers: number[];
  /** How many fit the question. */
  found: number;
  /** All that fit are chosen. */
  hasAll: boolean;
  today: Day;
  chooseAll: () => void;
  chooseNone: () => void;
}

/** What can be done to all that are chosen; it stays at the lower edge of the list. */
export function BatchActs({ numbers, found, hasAll, today, chooseAll, chooseNone }: BatchActsProps) {
  const { palette } = useDevice();
  const { doneOn } = useDoneOn();
  const [act, setAct] = useState<{ is: Act; parts: ActingPart[] } | null>(null);
  const [error, setError] = useState<unknown>(null);
  const begin = async (is: Act) => {
    setError(null);
    try {
      setAct({ is, parts: await actingParts(numbers) });
    } catch (refused) {
      setError(refused);
    }
  };
  const end = (isDone: boolean) => {
    setAct(null);
    if (isDone) chooseNone();
  };
  const ranges = writeRanges(numbers);
  return (
    <Box
      role="region"
      aria-label="the chosen batches"
      sx={{
        position: "sticky",
        bottom: 0,
        zIndex: 4,
        bgcolor: palette.card,
        borderTop: `2px solid ${palette.ochre}`,
        py: 1,
      }}
    >
      <Box
        sx={{
          display: { xs: "grid", md: "flex" },
          gridTemplateColumns: "repeat(3, 1fr)",
          gap: 1,
          alignItems: "center",
          "& .MuiButton-root": { px: { xs: 0.5, md: 2 }, lineHeight: 1.2 },
        }}
      >
        <Typography role="status" sx={{ fontWeight: 600, mr: 1 }}>
          {several(numbers.length, "batch", "batches")} chosen
        </Typography>
        <Button disabled={hasAll} onClick={chooseAll}>
          Choose all {found}
        </Button>
        <Button onClick={chooseNone} sx={{ mr: { md: "auto" } }}>
          None
        </Button>
        <ForRole role="volunteer">
          <Button variant="contained" onClick={() => void begin("move")}>
            Move to…
          </Button>
          <Button variant="outlined" onClick={() => void begin("water")}>
            Water…
          </Button>
        </ForRole>
        <Button variant="outlined" component={Link} to={`/labels?batches=${ranges}`}>
          Labels
        </Button>
        <Button variant="outlined" href={`/api/tables/batches.csv?batches=${ranges}`} download>
          Save as CSV
        </Button>
        <ForRole role="grower">
          <Button variant="outlined" onClick={() => void begin("close")}>
            Close books…
          </Button>
        </ForRole>
      </Box>
      <Failure error={error} />
      {act?.is === "move" && (
        <Suspense fallback={null}>
          <MoveDialog
            parts={act.parts.filter((p) => p.place !== null)}
            from={null}
            allTicked
            doneOn={doneOn}
            today={today}
            close={() => end(false)}
          />
        </Suspense>
      )}
      {act?.is === "water" && <WaterMany parts={act.parts} doneOn={doneOn} today={today} close={end} />}
      {act?.is === "close" && <CloseMany parts={act.parts} today={today} close={end} />}
    </Box>
  );
}
