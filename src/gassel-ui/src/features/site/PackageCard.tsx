import { useRef, useState } from "react";
import { Box, Button, LinearProgress, Typography } from "@mui/material";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { PackageReport } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { Card } from "../../shared/Card";
import { Failure } from "../../shared/Failure";
import { EvidenceList } from "./EvidenceList";
import { PackageCounts } from "./PackageCounts";
import { TableLinks } from "./TableLinks";
import { FileButton } from "../../shared/FileButton";
import { ChoiceField } from "../../shared/ChoiceField";

const LICENCES = [
  ["notSpecified", "not said"],
  ["ccBy", "anyone, naming the source (CC BY 4.0)"],
  ["cc0", "anyone, for anything (CC0 1.0)"],
] as const;

/** The whole book as files that any program reads, out and in. */
export function PackageCard() {
  const queries = useQueryClient();
  const { palette } = useDevice();
  const [licence, setLicence] = useState<string>("notSpecified");
  const [file, setFile] = useState<File | null>(null);
  const [report, setReport] = useState<PackageReport | null>(null);
  const [doing, setDoing] = useState<"reading" | "taking in" | null>(null);
  const [error, setError] = useState<unknown>(null);
  const off = useRef<AbortController | null>(null);
  const send = async (chosen: File, dryRun: boolean) => {
    const mine = new AbortController();
    off.current = mine;
    setError(null);
    setReport(null);
    setDoing(dryRun ? "reading" : "taking in");
    try {
      const answer = await answered(
        api.POST("/api/book/package", {
          params: { query: { dryRun } },
          body: (await chosen.arrayBuffer()) as unknown as string,
          bodySerializer: (bytes) => bytes,
          headers: { "content-type": "application/zip" },
          signal: mine.signal,
        }),
      );
      setReport(answer);
      if (answer.saved) await queries.invalidateQueries();
    } catch (refused) {
      if (!mine.signal.aborted) setError(refused);
    } finally {
      setDoing(null);
    }
  };
  return (
    <Card label="the whole book as files">
      <Typography variant="h2">The whole book as files</Typography>
      <Typography variant="body2" sx={{ color: palette.ink2, mb: 1 }}>
        One zip of CSV tables that say what they hold: for another program, for a statistician, or for another
        Gassel. Without accounts, mail and tokens of thermometers.
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, alignItems: "center" }}>
        <ChoiceField
          label="Who may use it"
          name="licence"
          value={licence}
          onChange={setLicence}
          sx={{ flex: "1 1 14rem" }}
          choices={LICENCES}
        />
        <Button
          component="a"
          href={`/api/book/package?licence=${licence}`}
          download
          variant="outlined"
          data-testid="save-package"
        >
          Save the whole book
        </Button>
        <FileButton
          accept=".zip,application/zip"
          testId="package-file"
          take={(chosen) => {
            setFile(chosen);
            void send(chosen, true);
          }}
        >
          Take in a package
        </FileButton>
      </Box>
      {doing && (
        <Box sx={{ mt: 1 }}>
          <LinearProgress aria-label={doing} />
          <Box sx={{ display: "flex", gap: 1, alignItems: "center" }}>
            <Typography role="status">
              {doing === "reading"
                ? `Reading ${file?.name}; nothing is changed yet.`
                : `Taking in ${file?.name}.`}
            </Typography>
            <Button onClick={() => off.current?.abort()}>Stop</Button>
          </Box>
        </Box>
      )}
      {report && (
        <PackageCounts report={report}>
          {!report.saved && file && (
            <Box sx={{ display: "flex", gap: 1, mt: 1 }}>
              <Button variant="contained" onClick={() => void send(file, false)}>
                Take it in
              </Button>
              <Button onClick={() => setReport(null)}>Leave it</Button>
            </Box>
          )}
        </PackageCounts>
      )}
      <Failure error={error} />
      <EvidenceList />
      <TableLinks />
    </Card>
  );
}
