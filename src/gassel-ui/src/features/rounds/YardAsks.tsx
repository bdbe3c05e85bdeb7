import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { Link } from "react-router";
import type { YardAlert } from "../../api/types";
import { Card } from "../../shared/Card";
import { several } from "../../shared/numbers";
import { AlertCard } from "../yard/AlertCard";

/** So many are told at once; the rest at a touch, for Rounds is first for what is due. */
const SHOWN = 1;

/** What the weather asks of the yard, the most pressing first. */
export function YardAsks({ alerts }: { alerts: YardAlert[] }) {
  const [all, setAll] = useState(false);
  const more = alerts.length - SHOWN;
  return (
    <Card label="yard jobs" sx={{ mb: 2, py: { xs: 1, md: 1 } }}>
      {(all ? alerts : alerts.slice(0, SHOWN)).map((alert) => (
        <AlertCard key={alert.kind} alert={alert} />
      ))}
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1 }}>
        {more > 0 && !all && (
          <Typography variant="body2" sx={{ flex: "1 1 30ch" }}>
            {several(more, "more thing")} in the yard:{" "}
            {alerts
              .slice(SHOWN)
              .map((alert) => alert.title)
              .join("; ")}
            .
          </Typography>
        )}
        {more > 0 && (
          <Button size="small" onClick={() => setAll(!all)}>
            {all ? "Fewer" : "Show them here"}
          </Button>
        )}
        <Button size="small" component={Link} to="/yard">
          The yard
        </Button>
      </Box>
    </Card>
  );
}
