import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { useMay } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";

/** The plan as a calendar: a file, and a feed at an address that can be taken back. */
export function CalendarCard() {
  const queries = useQueryClient();
  const may = useMay("grower");
  const address = useQuery({
    queryKey: ["calendar"],
    queryFn: () => answered(api.GET("/api/calendar")),
    enabled: may,
  });
  const [error, setError] = useState<unknown>(null);
  const path = address.data?.path ?? null;
  const change = async (what: "make" | "takeBack") => {
    setError(null);
    try {
      await answered(
        what === "make" ? api.POST("/api/calendar/address") : api.DELETE("/api/calendar/address"),
      );
      await queries.invalidateQueries({ queryKey: ["calendar"] });
    } catch (refused) {
      setError(refused);
    }
  };
  return (
    <Card label="calendar" sx={{ displayPrint: "none" }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5 }}>
        <Typography variant="h2">Calendar</Typography>
        <Typography sx={{ flex: "1 1 24em" }}>
          Every start, sowing and planting day in your calendar.{" "}
          {may && "The feed updates by itself; anyone with its address can read it."}
        </Typography>
        <Button component="a" href="/api/calendar.ics" download variant="outlined">
          Save as a file
        </Button>
        {!may ? null : path === null ? (
          <Button variant="outlined" onClick={() => void change("make")}>
            Make a feed
          </Button>
        ) : (
          <>
            <Button variant="outlined" onClick={() => void change("make")}>
              New address
            </Button>
            <Button onClick={() => void change("takeBack")}>Withdraw the feed</Button>
          </>
        )}
      </Box>
      {path !== null && (
        <Typography sx={{ mt: 1, wordBreak: "break-all" }} data-testid="feed-address">
          {window.location.origin}
          {path}
        </Typography>
      )}
      <Failure error={error} />
    </Card>
  );
}
