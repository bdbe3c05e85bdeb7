import { useState } from "react";
import { Box, Button, Typography } from "@mui/material";
import type { IntakeReport } from "../../api/types";
import { ChoiceField } from "../../shared/ChoiceField";
import { AlarmMark } from "../../shared/AlarmMark";

interface IntakeColumnsProps {
  report: IntakeReport;
  /** Names of needed columns that the file has under none of these names. */
  missing: string[];
  change: (at: number[]) => void;
}

/** Which column of the file is which; shut while the names say it all. */
export function IntakeColumns({ report, missing, change }: IntakeColumnsProps) {
  const [isOpen, setOpen] = useState(missing.length > 0);
  const choices: [string, string][] = [
    ["-1", "none"],
    ...report.header.map((name, i): [string, string] => [String(i), name || `column ${i + 1}`]),
  ];
  return (
    <Box sx={{ mt: 1.5 }}>
      {missing.length > 0 && (
        <Typography
          sx={{ fontWeight: 600, display: "flex", gap: 0.5 }}
          role="status"
          data-testid="columns-missing"
        >
          <AlarmMark />
          <span>Say which column of the file is {missing.join(" and which ")}.</span>
        </Typography>
      )}
      <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? "Hide the columns" : "Which column is which"}
      </Button>
      {isOpen && (
        <Box
          sx={{
            display: "grid",
            gap: 1.5,
            mt: 1,
            gridTemplateColumns: { xs: "1fr", sm: "1fr 1fr", md: "repeat(4, 1fr)" },
          }}
        >
          {report.columns.map((column, i) => (
            <ChoiceField<string>
              key={column.name}
              label={column.name}
              name={`at-${column.name}`}
              value={String(report.at[i] ?? -1)}
              onChange={(at) => change(report.at.map((old, j) => (j === i ? Number(at) : old)))}
              choices={choices}
              helper={column.words}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
