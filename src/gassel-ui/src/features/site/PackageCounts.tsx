import type { ReactNode } from "react";
import { Table, TableBody, TableCell, TableHead, TableRow, Typography } from "@mui/material";
import type { PackageReport } from "../../api/types";
import { AlarmMark } from "../../shared/AlarmMark";
import { several } from "../../shared/numbers";
import { shortDay } from "../../time/days";

/** What a package brings, table by table, and what of it does not come in. */
export function PackageCounts({ report, children }: { report: PackageReport; children?: ReactNode }) {
  const told = report.counts.filter((c) => c.new + c.same + c.clashing + c.replaced + c.leftOut > 0);
  const clashes = told.some((c) => c.clashing > 0);
  const left = told.some((c) => c.leftOut > 0);
  const replaced = told.some((c) => c.replaced > 0);
  const of = `“${report.title}”${report.createdAt === null ? "" : ` of ${shortDay(report.createdAt.slice(0, 10))}`}`;
  return (
    <>
      <Typography
        role="status"
        data-testid="package-report"
        data-state={report.saved ? "takenIn" : "looked"}
        sx={{ mt: 1, fontWeight: 600 }}
      >
        {report.saved ? `Taken in: ${of}.` : `This is what ${of} would bring. Nothing is changed yet.`}
      </Typography>
      {report.madeUp && (
        <Typography sx={{ display: "flex", gap: 0.75 }} data-testid="package-made-up">
          <AlarmMark />
          <span>It comes from the demo: everything in it is made up.</span>
        </Typography>
      )}
      {children}
      <Table size="small" aria-label="what the package brings">
        <TableHead>
          <TableRow>
            <TableCell>Table</TableCell>
            <TableCell align="right">New</TableCell>
            <TableCell align="right">There already</TableCell>
            {replaced && <TableCell align="right">Instead of starter values</TableCell>}
            {clashes && <TableCell align="right">Clashing</TableCell>}
            {left && <TableCell align="right">Left out</TableCell>}
          </TableRow>
        </TableHead>
        <TableBody>
          {told.map((c) => (
            <TableRow key={c.name} data-testid={`package-${c.name}`}>
              <TableCell>{c.name.replaceAll("_", " ")}</TableCell>
              <TableCell align="right">{c.new}</TableCell>
              <TableCell align="right">{c.same}</TableCell>
              {replaced && <TableCell align="right">{c.replaced}</TableCell>}
              {clashes && <TableCell align="right">{c.clashing}</TableCell>}
              {left && <TableCell align="right">{c.leftOut}</TableCell>}
            </TableRow>
          ))}
        </TableBody>
      </Table>
      {report.photos > 0 && (
        <Typography data-testid="package-photos">
          {several(report.photos, "photo")} {report.saved ? "came along" : "would come along"}.
        </Typography>
      )}
      {clashes && <Typography variant="body2">Where both differ, what this book says stays.</Typography>}
      {left && (
        <Typography variant="body2">
          Left out is what belongs to something that has another meaning here, such as another lot 3.
        </Typography>
      )}
      {report.renumbered.length > 0 && (
        <Typography data-testid="renumbered">
          {report.renumbered.join(", ")}: print new labels for{" "}
          {report.renumbered.length === 1 ? "it" : "them"}.
        </Typography>
      )}
    </>
  );
}
