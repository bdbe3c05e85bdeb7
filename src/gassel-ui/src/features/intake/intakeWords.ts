import type { IntakeReport } from "../../api/types";

/** Needed columns that the file has not, by their names. */
export const lacking = ({ columns, at }: Pick<IntakeReport, "columns" | "at">): string[] =>
  columns.filter((column, i) => column.needed && (at[i] ?? -1) < 0).map((column) => column.name);

const quoted = (cell: string) => {
  const safe = /^[=+\-@\t]/.test(cell) ? `'${cell}` : cell;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

/** The refused rows as a file that can be mended and read again, with the reason in a column of its own. */
export function refusedCsv({ columns, lines }: Pick<IntakeReport, "columns" | "lines">): string {
  const rows = lines
    .filter((line) => line.verdict.fate === "refused")
    .map((line) => [...line.cells, line.verdict.words]);
  return [[...columns.map((c) => c.name), "refused"], ...rows]
    .map((row) => `${row.map(quoted).join(",")}\n`)
    .join("");
}
