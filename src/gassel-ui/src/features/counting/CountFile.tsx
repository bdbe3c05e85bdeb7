import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api, Refused } from "../../api/client";
import type { CountFileReport } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { useWho } from "../../people/usePerson";
import { FileButton } from "../../shared/FileButton";

/** The server takes no larger file; said here because a connection closed early cannot say why. */
const MAX_BYTES = 500_000;

/** Counts from a CSV file: judged row by row, shown, and only then recorded. */
export function CountFile({ batch, part }: { batch: string; part: string }) {
  const { palette } = useDevice();
  const who = useWho();
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<CountFileReport | null>(null);
  const [error, setError] = useState<unknown>(null);

  const ask = async (chosen: File, save: boolean) => {
    setError(null);
    if (chosen.size > MAX_BYTES) {
      setReport(null);
      setError(
        new Refused({
          status: 413,
          title: "Too large",
          detail: `${chosen.name} has ${Math.round(chosen.size / 1000)} kB; valid is a file up to ${MAX_BYTES / 1000} kB. Split it.`,
        }),
      );
      return;
    }
    try {
      // bytes, not text: the server judges the encoding
      const body = await chosen.arrayBuffer();
      setReport(
        await answered(
          api.POST("/api/batches/{id}/parts/{part}/counts-file", {
            params: { path: { id: batch, part }, query: { save, who } },
            body: body as unknown as string,
            bodySerializer: (bytes) => bytes,
            headers: { "content-type": "text/csv" },
          }),
        ),
      );
      if (save) await queries.invalidateQueries();
    } catch (refused) {
      setReport(null);
      setError(refused);
    }
  };

  return (
    <Card label="counts from a file">
      <Typography variant="h2">Counts from a file</Typography>
      <Typography variant="body2" sx={{ mb: 1 }}>
        CSV in UTF-8, first line <code>date,emerged,lost</code>, with <code>cause</code> and{" "}
        <code>rooted</code> optional; dates as 2027-03-14. Every row is shown before anything is recorded.
      </Typography>
      <Button
        component="a"
        href={`/api/counts.csv?batch=${batch}`}
        download
        variant="outlined"
        sx={{ mr: 1 }}
      >
        Counts of this batch as a file
      </Button>
      <FileButton
        accept=".csv,text/csv"
        testId="counts-file"
        take={(chosen) => {
          setFile(chosen);
          void ask(chosen, false);
        }}
      >
        Choose a file
      </FileButton>
      <Failure error={error} />
      {report && file && (
        <Box data-testid="counts-report" sx={{ mt: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {file.name}: {several(report.accepted, "row")} {report.saved ? "recorded" : "good"},{" "}
            {report.refused} refused
          </Typography>
          <Box
            component="table"
            sx={{
              borderSpacing: 0,
              width: "100%",
              "& td, & th": {
                textAlign: "left",
                py: 0.4,
                pr: 1.5,
                borderBottom: `1px solid ${palette.line}`,
              },
            }}
          >
            <thead>
              <tr>
                <th>line</th>
                <th>date</th>
                <th>emerged</th>
                <th>lost</th>
                <th>verdict</th>
              </tr>
            </thead>
            <tbody>
              {report.rows.map((row) => (
                <tr key={row.line}>
                  <td>{row.line}</td>
                  <td>{row.date}</td>
                  <td>{row.emerged}</td>
                  <td>{row.lost}</td>
                  <td>{row.refused ? `refused: ${row.refused}` : report.saved ? "recorded" : "good"}</td>
                </tr>
              ))}
            </tbody>
          </Box>
          {!report.saved && report.accepted > 0 && (
            <Button variant="contained" sx={{ mt: 1 }} onClick={() => void ask(file, true)}>
              Record the {several(report.accepted, "good row")}
            </Button>
          )}
        </Box>
      )}
    </Card>
  );
}
