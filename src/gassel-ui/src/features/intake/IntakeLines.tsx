import { Box, Typography } from "@mui/material";
import { WORDS } from "../../api/words";
import type { IntakeReport } from "../../api/types";
import { useDevice } from "../../look/DeviceContext";
import { AlarmMark } from "../../shared/AlarmMark";
import { capital } from "../../shared/words";

/** What becomes of each row; those that are refused stand first. */
export function IntakeLines({ report }: { report: IntakeReport }) {
  const { palette } = useDevice();
  const total = report.fresh + report.same + report.refused;
  return (
    <Box sx={{ mt: 1.5 }}>
      {report.lines.map(({ line, cells, verdict }) => (
        <Box
          key={line}
          data-testid={`intake-line-${line}`}
          sx={{
            display: "grid",
            gridTemplateColumns: { xs: "1fr", md: "80px minmax(0,1fr) minmax(0,1.2fr)" },
            columnGap: 2,
            py: 0.75,
            borderTop: `1px solid ${palette.line}`,
          }}
        >
          <Typography color="text.secondary">line {line}</Typography>
          <Typography>{cells.filter(Boolean).slice(0, 4).join(", ")}</Typography>
          <Typography sx={{ display: "flex", gap: 0.5 }}>
            {verdict.fate === "refused" && <AlarmMark />}
            <span>
              {verdict.fate === "refused" ? "" : `${capital(WORDS.IntakeFate[verdict.fate])}: `}
              {verdict.words}
            </span>
          </Typography>
        </Box>
      ))}
      {report.lines.length < total && (
        <Typography sx={{ py: 1 }}>{total - report.lines.length} more rows are not shown.</Typography>
      )}
    </Box>
  );
}
