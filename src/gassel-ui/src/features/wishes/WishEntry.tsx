import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { WishLine, WishReport } from "../../api/types";
import { useWho } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { LineGrid } from "../../shared/LineGrid";
import type { LineVerdict } from "../../shared/LineGrid";
import { filled, pasted } from "../../shared/lines";
import { several } from "../../shared/numbers";
import { useUnits } from "../../shared/units";
import { COLUMNS, EMPTY } from "./wishLines";

/** Lines to put on the list: typed, pasted or from a file, each judged before it is kept. */
export function WishEntry({ close }: { close: (() => void) | null }) {
  const who = useWho();
  const metric = useUnits() === "metric";
  const queries = useQueryClient();
  const [lines, setLines] = useState<WishLine[]>([EMPTY, EMPTY, EMPTY]);
  const [verdicts, setVerdicts] = useState<Map<number, LineVerdict>>(new Map());
  const [report, setReport] = useState<WishReport | null>(null);
  const [error, setError] = useState<unknown>(null);
  const put = (next: WishLine[]) => {
    setLines(next);
    setReport(null);
    setVerdicts(new Map());
  };
  const set = (at: number, part: Partial<WishLine>) => {
    const next = lines.map((line, i) => (i === at ? { ...line, ...part } : line));
    put(at === lines.length - 1 ? [...next, EMPTY] : next);
  };
  const paste = async (text: string, at: number) => {
    setError(null);
    try {
      put(pasted(lines, at, await answered(api.POST("/api/wishes/lines", { body: { text } })), EMPTY));
    } catch (refused) {
      setError(refused);
    }
  };
  const ask = async (asked: WishLine[], save: boolean) => {
    setError(null);
    const said = filled(asked);
    try {
      const answer = await answered(
        api.POST("/api/wishes", { body: { lines: said.map((s) => s.line), save, who } }),
      );
      setReport(answer);
      setVerdicts(new Map(said.map((s, i) => [s.at, answer.lines[i] as LineVerdict])));
      if (!save) return;
      await queries.invalidateQueries({ queryKey: ["wishes"] });
      const left = asked.filter((_, at) => answer.lines[said.findIndex((s) => s.at === at)]?.refused);
      if (left.length === 0) {
        put([EMPTY, EMPTY, EMPTY]);
        close?.();
      } else put([...left, EMPTY]);
    } catch (refused) {
      setError(refused);
    }
  };
  const said = filled(lines);
  return (
    <Card label="put on the list">
      <Typography variant="h2">What is wanted</Typography>
      <Typography sx={{ mb: 1, maxWidth: "80ch" }}>
        One line a wish: type, paste from a spreadsheet, or use a CSV file. Only species and plants are
        needed; or an area in {metric ? "m²" : "sq ft"} and a spacing in {metric ? "cm" : "inches"}. When is a
        day, &ldquo;2 weeks after frost&rdquo;, &ldquo;autumn&rdquo; or a year.
      </Typography>
      <LineGrid
        columns={COLUMNS}
        lines={lines}
        verdicts={verdicts}
        set={set}
        paste={(text, at) => void paste(text, at)}
        choose={(at, field, value) => {
          const next = lines.map((line, i) => (i === at ? { ...line, [field]: value } : line));
          setLines(next);
          void ask(next, false);
        }}
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
        {report && report.accepted > 0 && (
          <Button variant="contained" onClick={() => void ask(lines, true)}>
            Put {several(report.accepted, "good line")} on the list
          </Button>
        )}
        <Button component="label" variant="outlined">
          Use a CSV file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            hidden
            data-testid="wish-file"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = "";
              if (file) void file.text().then((text) => paste(text, said.length));
            }}
          />
        </Button>
        {close && <Button onClick={close}>Cancel</Button>}
        <Typography role="status" data-testid="wish-report">
          {report && `${several(report.accepted, "line")} good, ${report.refused} refused.`}
        </Typography>
      </Box>
    </Card>
  );
}
