import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useParams } from "react-router";
import { answered, api } from "../../api/client";
import type { IntakeReport } from "../../api/types";
import { useWho } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { Loading } from "../../shared/Loading";
import { NoSuchView } from "../../shared/NoSuchView";
import { several } from "../../shared/numbers";
import { IntakeColumns } from "./IntakeColumns";
import { IntakeLines } from "./IntakeLines";
import { lacking, refusedCsv } from "./intakeWords";
import { FileButton } from "../../shared/FileButton";

/** A table from a file: which column is which, what becomes of each row, and then the good ones kept together. */
export function Intake() {
  const { name = "" } = useParams();
  const tables = useQuery({ queryKey: ["intake"], queryFn: () => answered(api.GET("/api/intake")) });
  const who = useWho();
  const queries = useQueryClient();
  const [file, setFile] = useState<{ name: string; text: string } | null>(null);
  const [report, setReport] = useState<IntakeReport | null>(null);
  const [error, setError] = useState<unknown>(null);
  const table = tables.data?.find((t) => t.name === name);
  if (tables.error) return <Failure error={tables.error} />;
  if (!tables.data) return <Loading what="the tables" />;
  if (!table) return <NoSuchView />;
  const ask = async (text: string, at: number[] | null, save: boolean) => {
    setError(null);
    try {
      const answer = await answered(
        api.POST("/api/intake/{name}", { params: { path: { name } }, body: { text, at, save, who } }),
      );
      setReport(answer);
      if (answer.saved) await queries.invalidateQueries();
    } catch (refused) {
      setError(refused);
    }
  };
  const choose = async (chosen: File) => {
    const text = await chosen.text();
    setFile({ name: chosen.name, text });
    setReport(null);
    await ask(text, null, false);
  };
  const missing = report ? lacking(report) : [];
  const shownRefused = report?.lines.filter((l) => l.verdict.fate === "refused").length ?? 0;
  const isJudged = report !== null && missing.length === 0;
  return (
    <Card label={`read ${table.name}`}>
      <Typography variant="h1">Read {table.name} from a CSV</Typography>
      <Typography sx={{ maxWidth: "70ch", mb: 1.5 }}>
        A row of the file is {table.words}. The first line names the columns; Gassel writes the same table
        under “One table alone” on Site. Nothing is kept before you say so.
      </Typography>
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "center" }}>
        <FileButton
          accept=".csv,.tsv,.txt,text/csv"
          testId="intake-file"
          variant={isJudged ? "outlined" : "contained"}
          take={(chosen) => void choose(chosen)}
        >
          {file ? "Choose another file" : "Choose a file"}
        </FileButton>
        {file && <Typography>{file.name}</Typography>}
        {file && report && isJudged && !report.saved && (
          <Button
            variant="contained"
            disabled={report.fresh === 0}
            onClick={() => void ask(file.text, report.at, true)}
          >
            Keep {several(report.fresh, "new row")}
          </Button>
        )}
      </Box>
      <Failure error={error} />
      {report && isJudged && (
        <Typography variant="h2" role="status" sx={{ mt: 2 }} data-testid="intake-report">
          {report.saved ? `${several(report.fresh, "row")} kept. ` : `${report.fresh} new, `}
          {report.same} here already, {report.refused} refused
        </Typography>
      )}
      {report && isJudged && report.refused > 0 && (
        <Button
          variant="outlined"
          sx={{ mt: 1 }}
          href={`data:text/csv;charset=utf-8,${encodeURIComponent(refusedCsv(report))}`}
          download={`${table.name}-refused.csv`}
        >
          {shownRefused < report.refused
            ? `Save the first ${shownRefused} refused rows as CSV, with the reason`
            : "Save the refused rows as CSV, with the reason"}
        </Button>
      )}
      {file && report && !report.saved && (
        <IntakeColumns
          key={file.name + file.text.length}
          report={report}
          missing={missing}
          change={(at) => void ask(file.text, at, false)}
        />
      )}
      {report && isJudged && <IntakeLines report={report} />}
      {!report && (
        <Box component="ul" sx={{ pl: 2.5, columns: { md: 2 } }}>
          {table.columns.map((column) => (
            <Typography component="li" key={column.name}>
              <b>{column.name}</b>
              {column.needed ? " (needed)" : ""}: {column.words}
            </Typography>
          ))}
        </Box>
      )}
    </Card>
  );
}
