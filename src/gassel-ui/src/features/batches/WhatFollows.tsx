import { WORDS } from "../../api/words";
import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { BatchView, PartOutlook, ShortfallOptionKind } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { stepWords } from "../../drawings/steps";
import { newId } from "../../record/newId";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { useMay, useWho } from "../../people/usePerson";

/** What follows from what happened: new windows, what changed since the plan, and the ways on if it is late. */
export function WhatFollows({ batch, today }: { batch: BatchView; today: Day }) {
  const outlooks = batch.parts.flatMap((part) => (part.outlook ? [part.outlook] : []));
  if (outlooks.length === 0) return null;
  return (
    <Card label="what follows">
      <Typography variant="h2">What follows</Typography>
      {outlooks.map((outlook) => (
        <Part
          key={outlook.part}
          batch={batch}
          outlook={outlook}
          today={today}
          alone={outlooks.length === 1}
        />
      ))}
    </Card>
  );
}

function Part(props: { batch: BatchView; outlook: PartOutlook; today: Day; alone: boolean }) {
  const { batch, outlook, today, alone } = props;
  const { palette } = useDevice();
  const who = useWho();
  const may = useMay("grower");
  const queries = useQueryClient();
  const [error, setError] = useState<unknown>(null);
  const [id] = useState(() => newId());
  const take = async (choice: ShortfallOptionKind) => {
    setError(null);
    try {
      await answered(
        api.POST("/api/batches/{id}/replan", {
          params: { path: { id: batch.summary.id } },
          body: { id, part: outlook.part, choice, who },
        }),
      );
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const window = (w: { earliest: Day; usual: Day; latest: Day }) =>
    w.earliest === w.latest
      ? actDay(w.usual, today)
      : `${actDay(w.usual, today)}, between ${shortDay(w.earliest, today)} and ${shortDay(w.latest, today)}`;
  return (
    <Box sx={{ pb: 0.5 }} data-testid={`follows-${outlook.part}`}>
      {!alone && <Typography variant="h3">part {outlook.part}</Typography>}
      {outlook.sow && (
        <Typography>
          <strong>Sow</strong> {window(outlook.sow)}.
        </Typography>
      )}
      {outlook.steps.length > 0 && (
        <Typography>
          <strong>Plants</strong> {window(outlook.finish)}.
        </Typography>
      )}
      {outlook.changes.map((line) => (
        <Typography key={line} variant="body2">
          {line}
        </Typography>
      ))}
      {outlook.lateDays > 0 && (
        <Typography sx={{ display: "flex", gap: 0.75, fontWeight: 600 }}>
          <AlarmMark />
          <span>
            {several(outlook.lateDays, "day")} late for {shortDay(outlook.target, today)}
            {outlook.inReach ? "; still in reach." : ", and out of reach."}
          </span>
        </Typography>
      )}
      {outlook.choices.map((choice) => (
        <Box
          key={choice.kind}
          data-testid={`way-${choice.kind}`}
          sx={{
            display: "flex",
            alignItems: "center",
            gap: 1,
            borderTop: `1px solid ${palette.line}`,
            py: 0.25,
          }}
        >
          <Box sx={{ flex: 1 }}>
            <Typography variant="h3">
              {WORDS.ShortfallOptionKind[choice.kind]}
              {choice.possible ? "" : ": not enough"}
            </Typography>
            <Typography variant="body2">
              plants {shortDay(choice.finish, today)};{" "}
              {choice.steps
                .filter((s) => s.days > 0)
                .map((s) => `${stepWords(s.kind)} ${several(s.days, "day")}`)
                .join(", ")}
            </Typography>
          </Box>
          {choice.possible && may && (
            <Button variant="outlined" onClick={() => void take(choice.kind)} sx={{ px: 1.5 }}>
              Use this
            </Button>
          )}
        </Box>
      ))}
      <Failure error={error} />
      <Box sx={{ ml: -1 }}>
        <Why lines={outlook.working} about={`what follows${alone ? "" : ` for part ${outlook.part}`}`} />
      </Box>
    </Box>
  );
}
