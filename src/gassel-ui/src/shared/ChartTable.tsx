import { useId, useState } from "react";
import { Box, Button } from "@mui/material";
import { useDevice } from "../look/DeviceContext";

/** The numbers of a chart in rows. */
export interface ChartNumbers {
  /** What they are of. */
  caption: string;
  columns: string[];
  rows: () => string[][];
}

/** The numbers behind a chart as a table, for those who cannot see it and those who want to copy it. */
export function ChartTable({ caption, columns, rows }: ChartNumbers) {
  const [open, setOpen] = useState(false);
  const id = useId();
  const { palette } = useDevice();
  return (
    <Box sx={{ minWidth: 0 }}>
      <Button
        size="small"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        aria-label={`${open ? "Hide the table" : "As a table"}: ${caption}`}
        onClick={() => setOpen(!open)}
        sx={{ px: 1, textDecoration: "underline", textUnderlineOffset: 3, displayPrint: "none" }}
      >
        {open ? "Hide the table" : "As a table"}
      </Button>
      {open && (
        <Box
          id={id}
          role="region"
          aria-label={caption}
          tabIndex={0}
          data-testid="chart-table"
          sx={{ maxHeight: 320, overflow: "auto", border: `1px solid ${palette.line}`, borderRadius: 1 }}
        >
          <Box
            component="table"
            sx={{
              borderCollapse: "collapse",
              width: "100%",
              "& th": { textAlign: "left", position: "sticky", top: 0, bgcolor: palette.card },
              "& th, & td": { px: 1, py: 0.5, borderBottom: `1px solid ${palette.line}` },
            }}
          >
            <caption style={{ textAlign: "left", padding: "4px 8px" }}>{caption}</caption>
            <thead>
              <tr>
                {columns.map((column) => (
                  <th key={column} scope="col">
                    {column}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows().map((row, i) => (
                <tr key={i}>
                  {row.map((cell, at) => (
                    <td key={at}>{cell}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </Box>
        </Box>
      )}
    </Box>
  );
}
