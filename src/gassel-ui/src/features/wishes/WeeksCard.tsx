import { Box, Typography } from "@mui/material";
import type { WishStart, WishView } from "../../api/types";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";
import type { Day } from "../../time/days";
import { SetOutNote } from "./SetOutNote";
import { weeksOf } from "./weeks";

interface WeeksCardProps {
  wishes: WishView[];
  found: ReadonlyMap<string, WishStart>;
  today: Day;
}

/** What to start in which week of the winter. */
export function WeeksCard({ wishes, found, today }: WeeksCardProps) {
  const weeks = weeksOf(wishes, found);
  if (weeks.length === 0) return null;
  return (
    <Card label="week by week">
      <Typography variant="h2">Week by week</Typography>
      <Typography variant="body2">
        {found.size > 0
          ? "As room was found; not kept until the batches are created."
          : "On the best days, whether there is room or not."}
      </Typography>
      {weeks.map((week) => (
        <Box key={week.monday} data-testid={`week-${week.monday}`} sx={{ mt: 1 }}>
          <Typography component="h2" variant="h3">
            Week of {shortDay(week.monday, today)}
          </Typography>
          {week.starts.map(({ wish, on }) => (
            <Box key={wish.id}>
              <Typography>
                {shortDay(on, today)}: W-{wish.number} {wish.commonName}, {several(wish.wish.plants, "plant")}
                , &ldquo;{wish.plan?.routeName}&rdquo;
              </Typography>
              {wish.plan?.setting === "winterContainer" && (
                <SetOutNote speciesId={wish.wish.speciesId} routeId={wish.plan.routeId} />
              )}
            </Box>
          ))}
        </Box>
      ))}
    </Card>
  );
}
