import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";

const SHOWN = 5;

/** Copies of the book: one a day by itself, one more at a touch, each to be carried away. */
export function CopiesCard() {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const copies = useQuery({ queryKey: ["copies"], queryFn: () => answered(api.GET("/api/copies")) });
  const [error, setError] = useState<unknown>(null);
  const make = async () => {
    setError(null);
    try {
      await answered(api.POST("/api/copies"));
      await queries.invalidateQueries({ queryKey: ["copies"] });
    } catch (refused) {
      setError(refused);
    }
  };
  if (!copies.data) return <Failure error={copies.error} />;
  const { folder, dailyKept, copies: all } = copies.data;
  return (
    <Card label="copies of the book">
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", columnGap: 2 }}>
        <Typography variant="h2">Copies of the book</Typography>
        <Button variant="outlined" onClick={() => void make()} sx={{ ml: "auto" }}>
          Make a copy now
        </Button>
      </Box>
      <Typography variant="body2" sx={{ color: palette.ink2 }}>
        One a day by itself, the last {dailyKept} kept, in {folder}. Put one back with{" "}
        <code>./gassel restore FILE</code>; what it replaces is kept too. Keep a copy on another disk.
      </Typography>
      {all.length === 0 && <Typography>None yet.</Typography>}
      {all.slice(0, SHOWN).map((copy) => (
        <Typography key={copy.name} data-testid={`copy-${copy.name}`}>
          <a href={`/api/copies/${copy.name}`} download style={{ color: "inherit" }}>
            {shortDay(copy.madeAt.slice(0, 10))}, {Math.max(1, Math.round(copy.bytes / 1000))} kB
          </a>
        </Typography>
      ))}
      {all.length > SHOWN && (
        <Typography variant="body2">and {several(all.length - SHOWN, "older one")} in that folder</Typography>
      )}
      <Failure error={error} />
    </Card>
  );
}
