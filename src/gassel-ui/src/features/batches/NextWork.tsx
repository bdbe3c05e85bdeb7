import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { BatchView } from "../../api/types";
import { Card } from "../../shared/Card";
import { Why } from "../../shared/Why";
import { actDay, shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { dueTitle } from "../rounds/dueWords";

interface NextWorkProps {
  due: BatchView["due"];
  plan: BatchView["plan"];
  batch: string;
  today: Day;
  /** Looks still to come, of all parts. */
  looks: Day[];
}

/** What the batch will ask for next, soonest first. Recording happens on Rounds and Count. */
export function NextWork({ due, plan, batch, today, looks }: NextWorkProps) {
  return (
    <Card label="next">
      <Typography variant="h2">Next</Typography>
      {due.length === 0 && <Typography>Nothing more: the route is done.</Typography>}
      {due.map((item) => {
        const what = dueTitle(item.kind, plan.steps[item.step]?.step.kind ?? "germinate");
        return (
          <Box key={item.kind + item.part} sx={{ py: 0.5 }}>
            <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", columnGap: 1 }}>
              <Typography sx={{ flex: "1 1 14em" }}>
                <strong>{actDay(item.dueOn, today)}</strong>: {what}
                {item.part === "1" ? "" : `, part ${item.part}`}
                {item.lateDays > 0 && `, ${item.lateDays === 1 ? "1 day" : `${item.lateDays} days`} late`}
              </Typography>
              <Why lines={item.working} about={what} />
            </Box>
            <Typography variant="body2" color="text.secondary">
              {item.cost}
            </Typography>
          </Box>
        );
      })}
      {looks.length > 0 && (
        <Typography variant="body2" data-testid="looks">
          Checks: {looks.map((day) => shortDay(day, today)).join(", ")}.
        </Typography>
      )}
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 0.5 }}>
        {due.some((item) => item.kind === "countSeedlings") && (
          <Button
            variant="contained"
            component={Link}
            to={`/count/${batch}/${due.find((item) => item.kind === "countSeedlings")?.part ?? "1"}`}
          >
            Count
          </Button>
        )}
        {due.some((item) => item.kind !== "countSeedlings") && (
          <Button variant="outlined" component={Link} to="/">
            Record on Rounds
          </Button>
        )}
        <Button variant="outlined" component={Link} to={`/labels?batch=${batch}`}>
          Labels
        </Button>
      </Box>
    </Card>
  );
}
