import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import { useSite } from "../../book/queries";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { dayAt, shortDay } from "../../time/days";
import { FileButton } from "../../shared/FileButton";

/** Other nurseries whose finished batches teach beside one's own, from the packages they gave. */
export function EvidenceList() {
  const queries = useQueryClient();
  const site = useSite().data;
  const evidence = useQuery({ queryKey: ["evidence"], queryFn: () => answered(api.GET("/api/evidence")) });
  const [isReading, setReading] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const change = async (ask: () => Promise<unknown>) => {
    setError(null);
    setReading(true);
    try {
      await ask();
      await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    } finally {
      setReading(false);
    }
  };
  const read = (file: File) =>
    change(async () =>
      answered(
        api.POST("/api/evidence", {
          body: (await file.arrayBuffer()) as unknown as string,
          bodySerializer: (bytes) => bytes,
          headers: { "content-type": "application/zip" },
        }),
      ),
    );
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="h3">Results of other nurseries</Typography>
      <Typography variant="body2" sx={{ mb: 1 }}>
        Read the package of another nursery as evidence: its finished batches help to judge routes of which
        you have few or none. They stay marked as theirs and can be removed.
      </Typography>
      {evidence.data?.map((one) => (
        <Box
          key={one.id}
          data-testid="evidence"
          sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}
        >
          <Typography sx={{ flex: 1 }}>
            <b>{one.nursery}</b>: {several(one.batches, "finished batch", "finished batches")} of{" "}
            {several(one.species, "species", "species")} you have
            {one.unknown > 0 && `, ${one.unknown} of species you have not`}
            {one.writtenAt &&
              site &&
              `; written ${shortDay(dayAt(Date.parse(one.writtenAt), site.timeZone), site.today)}`}
          </Typography>
          <Button
            disabled={isReading}
            aria-label={`remove the results of ${one.nursery}`}
            onClick={() =>
              void change(() =>
                answered(api.DELETE("/api/evidence/{id}", { params: { path: { id: one.id } } })),
              )
            }
          >
            Remove
          </Button>
        </Box>
      ))}
      <FileButton
        accept=".zip,application/zip"
        testId="evidence-file"
        disabled={isReading}
        take={(file) => void read(file)}
      >
        {isReading ? "Reading…" : "Read as evidence"}
      </FileButton>
      <Failure error={error} />
    </Box>
  );
}
