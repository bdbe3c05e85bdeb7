import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { ContainerDetail } from "../../api/types";
import { ForRole } from "../../people/ForRole";
import { useWho } from "../../people/usePerson";
import { Card } from "../../shared/Card";
import { Choice } from "../../shared/Choice";
import { Failure } from "../../shared/Failure";
import { percent } from "../../shared/numbers";
import { difference, useUnits } from "../../shared/units";
import { Why } from "../../shared/Why";
import { ResidualStrip } from "../../drawings/ResidualStrip";
import { FileButton } from "../../shared/FileButton";
import { residualNumbers } from "../../drawings/chartNumbers";
import { useSite } from "../../book/queries";
import { ChartTable } from "../../shared/ChartTable";

type Answer = Awaited<ReturnType<typeof fit>>;

const fit = (batch: string, part: string, spot: string, who: string, text: string, save: boolean) =>
  answered(
    api.POST("/api/yard/containers/{id}/{part}/calibration-file", {
      params: { path: { id: batch, part }, query: { spot, who, save } },
      body: text,
      bodySerializer: (body) => body,
      headers: { "Content-Type": "text/csv" },
    }),
  );

/** Fits the model to a thermometer that lay in this container. */
export function Calibration({ detail }: { detail: ContainerDetail }) {
  const queries = useQueryClient();
  const units = useUnits();
  const who = useWho();
  const site = useSite().data;
  const [spot, setSpot] = useState<"medium" | "air">("medium");
  const [text, setText] = useState<string | null>(null);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [error, setError] = useState<unknown>(null);
  const { brief, parameters } = detail;
  const ask = async (csv: string, save: boolean) => {
    setError(null);
    try {
      setAnswer(await fit(brief.batchId, brief.part, spot, who, csv, save));
      if (save) await queries.invalidateQueries();
    } catch (refused) {
      setAnswer(null);
      setError(refused);
    }
  };
  return (
    <Card label="calibration">
      <Typography variant="h2">How far to trust the model</Typography>
      <Typography variant="body2">
        Wall {parameters.uWallWm2K.toFixed(1)} W/(m²·K), {Math.round(parameters.transmittance * 100)} % of the
        sun let in. A thermometer placed in this {brief.kind} for two days or more makes it better: a CSV with
        a first line
        <code> at,tempC</code>, an hour or less apart.
      </Typography>
      <ForRole role="grower">
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
          <Choice
            label="where the thermometer was"
            value={spot}
            onChange={setSpot}
            options={[
              ["medium", "in the mix"],
              ["air", "in the air inside"],
            ]}
          />
          <FileButton
            accept=".csv,text/csv"
            testId="calibration-file"
            take={(chosen) =>
              void chosen.text().then((csv) => {
                setText(csv);
                void ask(csv, false);
              })
            }
          >
            Choose its file
          </FileButton>
        </Box>
      </ForRole>
      <Failure error={error} />
      {answer && (
        <Box data-testid="calibration" sx={{ mt: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            The model missed by {difference(answer.fit.rmsBeforeK, units)}, with the fitted wall and sun by{" "}
            {difference(answer.fit.rmsK, units)}.
          </Typography>
          <Typography sx={{ mt: 0.5 }}>
            Wall {answer.fit.uWallWm2K.toFixed(1)} W/(m²·K), nine times in ten between{" "}
            {answer.fit.ends.wallLow.toFixed(1)} and {answer.fit.ends.wallHigh.toFixed(1)}; sun let in{" "}
            {percent(answer.fit.transmittance)}, between {percent(answer.fit.ends.sunLow)} and{" "}
            {percent(answer.fit.ends.sunHigh)}. {answer.fit.worth}
          </Typography>
          {answer.beside && <Typography sx={{ mt: 0.5 }}>{answer.beside}</Typography>}
          <ResidualStrip residuals={answer.fit.residuals} />
          {site && (
            <ChartTable {...residualNumbers(answer.fit.residuals, units, site.timeZone, site.today)} />
          )}
          <Why lines={answer.fit.working} about="the fit" />
          {answer.saved ? (
            <Typography>Used for every {brief.kind} from now on.</Typography>
          ) : (
            <Button variant="contained" onClick={() => text !== null && void ask(text, true)}>
              Use it for every {brief.kind}
            </Button>
          )}
        </Box>
      )}
    </Card>
  );
}
