import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { answered, api } from "../../api/client";
import type { SeasonRow } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { DayField } from "../../shared/DayField";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { spaceWords } from "../plan/space";

/** One batch looked at closer: where it stands, and what another start would bring. Nothing is saved. */
export function WhatIf({ row, today, close }: { row: SeasonRow; today: Day; close: () => void }) {
  const { palette } = useDevice();
  const planned = row.ribbon[0]?.start ?? today;
  const [day, setDay] = useState<Day | null>(planned);
  const answer = useQuery({
    queryKey: ["what-if", row.id, day],
    enabled: row.window !== null && day !== null,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      answered(
        api.POST("/api/batches/{id}/what-if", {
          params: { path: { id: row.id } },
          body: { startOn: day ?? planned },
        }),
      ),
  });
  const outlook = answer.data?.outlook;
  return (
    <Box
      data-testid="what-if"
      sx={{
        border: `1px solid ${palette.line}`,
        borderRadius: 1.5,
        p: 1.25,
        mb: 1,
        bgcolor: palette.paper,
        displayPrint: "none",
      }}
    >
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 2 }}>
        <Typography variant="h3" component="h2">
          B-{row.number} {row.commonName}
        </Typography>
        <Typography>
          target {actDay(row.target, today)}
          {row.missesBy > 0 && `, missed by ${several(row.missesBy, "day")}`}
          {row.lateDays > 0 && `; ${several(row.lateDays, "day")} overdue on Rounds`}
        </Typography>
        <Box sx={{ ml: "auto" }}>
          <Button component={Link} to={`/batches/${row.id}`}>
            Open the batch
          </Button>
          <Button onClick={close}>Close</Button>
        </Box>
      </Box>
      {row.window && (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 2, alignItems: "flex-start", mt: 1 }}>
          <Box sx={{ width: 240 }}>
            <DayField label="What if I start on" name="startOn" value={day} today={today} onChange={setDay} />
          </Box>
          <Box sx={{ flex: "1 1 20em" }}>
            <Failure error={answer.error} />
            {!answer.error && outlook && (
              <>
                <Typography sx={{ fontWeight: 600 }}>
                  {outlook.sow && `sown ${shortDay(outlook.sow.usual, today)}, `}
                  plants {shortDay(outlook.finish.usual, today)} ({shortDay(outlook.finish.earliest, today)}{" "}
                  to {shortDay(outlook.finish.latest, today)})
                </Typography>
                <Typography>
                  {outlook.lateDays === 0
                    ? "In time for the target day."
                    : `${several(outlook.lateDays, "day")} after the target day` +
                      `${outlook.inReach ? "; still in reach with every step at its shortest" : ", out of reach"}.`}{" "}
                  It may begin from {shortDay(row.window.from, today)} to {shortDay(row.window.to, today)}.
                </Typography>
                {answer.data?.crowded.map((check) => (
                  <Typography key={check.place} sx={{ display: "flex", gap: 0.75 }}>
                    <AlarmMark /> <span>Room: {spaceWords(check, today)}.</span>
                  </Typography>
                ))}
              </>
            )}
          </Box>
        </Box>
      )}
    </Box>
  );
}
