import { Box, Button, Typography } from "@mui/material";
import type { ReactNode } from "react";
import { several } from "./numbers";
import type { useLines } from "./useLines";
import { FileButton } from "./FileButton";

interface LineActionsProps {
  entry: ReturnType<typeof useLines>;
  /** Of the button that keeps the good lines: "Enter 3 good lines". */
  keep: (lines: string) => string;
  /** Test ids of the file field and of the report begin so. */
  id: string;
  /** Before the report's words. */
  told?: string;
  children?: ReactNode;
}

/** Check the lines, keep the good ones, or take them from a file; and what was found. */
export function LineActions({ entry, keep, id, told = "", children }: LineActionsProps) {
  const { report, said } = entry;
  const good = report !== null && report.accepted > 0 && report.saved.length === 0;
  return (
    <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", alignItems: "center", mt: 1.5 }}>
      <Button variant={good ? "outlined" : "contained"} disabled={said === 0} onClick={entry.check}>
        Check {several(said, "line")}
      </Button>
      {good && (
        <Button variant="contained" onClick={entry.keep}>
          {keep(several(report.accepted, "good line"))}
        </Button>
      )}
      <FileButton
        accept=".csv,text/csv,text/plain"
        testId={`${id}-file`}
        take={(file) => void file.text().then((text) => entry.paste(text, said))}
      >
        Use a CSV file
      </FileButton>
      {children}
      <Typography role="status" data-testid={`${id}-report`}>
        {told}
        {report && `${several(report.accepted, "line")} good, ${report.refused} refused.`}
      </Typography>
    </Box>
  );
}
