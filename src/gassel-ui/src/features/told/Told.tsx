import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answered, api } from "../../api/client";
import type { ToldLine, ToldReport, ToldVerdict } from "../../api/types";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { several } from "../../shared/numbers";
import { LineGrid } from "../../shared/LineGrid";
import { filled, pasted } from "../../shared/lines";
import { COLUMNS, EMPTY } from "./grid";
import { useWho } from "../../people/usePerson";

/** A winter already under way: what lies where since when, typed, pasted or from a file, entered in one go. */
export function Told() {
  const who = useWho();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [lines, setLines] = useState<ToldLine[]>([EMPTY, EMPTY, EMPTY]);
  const [verdicts, setVerdicts] = useState<Map<number, ToldVerdict>>(new Map());
  const [report, setReport] = useState<ToldReport | null>(null);
  const [entered, setEntered] = useState(0);
  const [error, setError] = useState<unknown>(null);

  const put = (next: ToldLine[]) => {
    setLines(next);
    setReport(null);
    setVerdicts(new Map());
  };
  const set = (at: number, part: Partial<ToldLine>) => {
    const next = lines.map((line, i) => (i === at ? { ...line, ...part } : line));
    put(at === lines.length - 1 ? [...next, EMPTY] : next);
  };
  const paste = async (text: string, at: number) => {
    setError(null);
    try {
      const more = await answered(api.POST("/api/told/lines", { body: { text } }));
      put(pasted(lines, at, more, EMPTY));
    } catch (refused) {
      setError(refused);
    }
  };
  const ask = async (asked: ToldLine[], save: boolean) => {
    setError(null);
    const said = filled(asked);
    try {
      const answer = await answered(
        api.POST("/api/told", { body: { lines: said.map((s) => s.line), save, who } }),
      );
      setReport(answer);
      setVerdicts(new Map(said.map((s, i) => [s.at, answer.lines[i] as ToldVerdict])));
      if (save && answer.saved.length > 0) {
        await queries.invalidateQueries();
        const left = asked.filter((_, at) => answer.lines[said.findIndex((s) => s.at === at)]?.refused);
        if (left.length === 0) await navigate("/season");
        else {
          put([...left, EMPTY]);
          setEntered(entered + answer.saved.length);
        }
      }
    } catch (refused) {
      setError(refused);
    }
  };
  const choose = (at: number, field: string, value: string) => {
    const next = lines.map((line, i) => (i === at ? { ...line, [field]: value } : line));
    setLines(next);
    void ask(next, false);
  };
  const said = filled(lines);
  return (
    <Card label="batches in progress">
      <Typography variant="h1">Add batches already in progress</Typography>
      <Typography sx={{ mb: 1.5, maxWidth: "80ch" }}>
        One line for each bag or container: what is where, and since when. Type, paste from a spreadsheet, or
        use a CSV file. Earlier checks are not recorded.
      </Typography>
      <LineGrid
        columns={COLUMNS}
        lines={lines}
        verdicts={verdicts}
        set={set}
        paste={(text, at) => void paste(text, at)}
        choose={choose}
      />
      <Failure error={error} />
      <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "center", mt: 1.5 }}>
        <Button
          variant={report && report.accepted > 0 ? "outlined" : "contained"}
          disabled={said.length === 0}
          onClick={() => void ask(lines, false)}
        >
          Check {several(said.length, "line")}
        </Button>
        {report && report.accepted > 0 && report.saved.length === 0 && (
          <Button variant="contained" onClick={() => void ask(lines, true)}>
            Enter {several(report.accepted, "good line")}
          </Button>
        )}
        <Button component="label" variant="outlined">
          Use a CSV file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            hidden
            data-testid="told-file"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) void file.text().then((text) => paste(text, said.length));
            }}
          />
        </Button>
        <Button component={Link} to="/season">
          Cancel
        </Button>
        <Typography role="status" data-testid="told-report">
          {entered > 0 &&
            `${several(entered, "batch", "batches")} entered; the lines left here were refused. `}
          {report && `${several(report.accepted, "line")} good, ${report.refused} refused.`}
        </Typography>
      </Box>
    </Card>
  );
}
