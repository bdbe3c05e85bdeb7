import type { ForecastDay, ForecastLine } from "../../api/types";
import { readNumber } from "../../shared/numbers";
import { fromMetric, toMetric } from "../../shared/units";
import type { Measure, Units } from "../../shared/units";

export type Field = "lowC" | "highC" | "gustKmh" | "rainMm" | "snowCm";

interface Column {
  field: Field;
  words: string;
  measure: Measure;
  min: number;
  max: number;
}

/** As the server takes them. */
export const COLUMNS: Column[] = [
  { field: "lowC", words: "Low", measure: "temperature", min: -60, max: 60 },
  { field: "highC", words: "High", measure: "temperature", min: -60, max: 60 },
  { field: "gustKmh", words: "Gusts", measure: "speed", min: 0, max: 400 },
  { field: "rainMm", words: "Rain", measure: "length", min: 0, max: 1000 },
  { field: "snowCm", words: "Snow lying", measure: "width", min: 0, max: 1000 },
];

/** Rows of texts, one a day, in the units of the site; empty where nothing was told. */
export type Grid = string[][];

export const gridOf = (lines: ForecastLine[], units: Units): Grid =>
  lines.map((line) =>
    COLUMNS.map(({ field, measure }) => {
      const value = line[field];
      return value === null || value === undefined
        ? ""
        : String(Number(fromMetric(value, measure, units).toFixed(2)));
    }),
  );

/** What is wrong with a cell; null where nothing is. */
export function faultOf(text: string, { measure, min, max }: Column, units: Units): string | null {
  const shown = (value: number) => Math.round(fromMetric(value, measure, units));
  return readNumber(text, { min: shown(min), max: shown(max), whole: false }).fault;
}

/** Puts a block of cells, as copied from a table, into the grid from a cell on. */
export function pasted(grid: Grid, row: number, column: number, text: string): Grid {
  const block = text
    .replace(/\r/g, "")
    .replace(/\n+$/, "")
    .split("\n")
    .map((line) => line.split(/[\t;]/));
  return grid.map((cells, r) =>
    cells.map((cell, c) => {
      const from = r >= row && c >= column ? block[r - row]?.[c - column] : undefined;
      return from === undefined
        ? cell
        : from
            .trim()
            .replace("−", "-")
            .replace(/[°\s]*[CF]?$/, "");
    }),
  );
}

/** What was typed otherwise than it stood before, metric: a cell left as it was is not told again. */
export function daysToTell(grid: Grid, before: Grid, lines: ForecastLine[], units: Units): ForecastDay[] {
  return grid.flatMap((cells, r) => {
    const line = lines[r];
    if (!line) return [];
    const day: ForecastDay = { date: line.date };
    COLUMNS.forEach(({ field, measure }, c) => {
      const text = (cells[c] ?? "").trim();
      if (text !== "" && text !== before[r]?.[c])
        day[field] = toMetric(Number(text.replace("−", "-")), measure, units);
    });
    return Object.keys(day).length > 1 ? [day] : [];
  });
}
