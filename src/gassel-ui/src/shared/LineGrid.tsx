import { Box, Button, Typography } from "@mui/material";
import { useDevice } from "../look/DeviceContext";
import { AlarmMark } from "./AlarmMark";
import { isTable } from "./lines";
import type { Column, Line } from "./lines";

/** What the book says of a line. */
export interface LineVerdict {
  refused: string | null;
  field: string | null;
  didYouMean: string[];
  words: string | null;
}

interface LineGridProps<K extends string> {
  columns: readonly Column<K>[];
  entry: {
    lines: Line<K>[];
    /** By place in the grid. */
    verdicts: ReadonlyMap<number, LineVerdict>;
    set: (at: number, part: Partial<Line<K>>) => void;
    /** A table was pasted into a cell of that line. */
    paste: (text: string, at: number) => void;
    /** A name that was offered is taken. */
    choose: (at: number, field: string, value: string) => void;
  };
}

/** Lines to type into or to paste a table into, each with what is wrong in it and what was meant. */
export function LineGrid<K extends string>({ columns, entry }: LineGridProps<K>) {
  const { lines, verdicts, set, paste, choose } = entry;
  const { palette } = useDevice();
  return (
    <Box sx={{ overflowX: "auto" }}>
      <Box
        component="table"
        sx={{
          borderSpacing: 0,
          minWidth: 820,
          width: "100%",
          "& th": { textAlign: "left", fontWeight: 400, color: palette.ink2, pb: 0.5, pl: 1 },
          "& td": { p: 0, borderTop: `1px solid ${palette.line}`, verticalAlign: "top" },
          "& input": {
            font: "inherit",
            color: palette.ink,
            bgcolor: "transparent",
            background: "none",
            border: 0,
            width: "100%",
            minHeight: 48,
            px: 1,
            py: 0,
            boxSizing: "border-box",
          },
          "& input::placeholder": { color: palette.ink2, opacity: 0.75 },
        }}
      >
        <thead>
          <tr>
            {columns.map((column) => (
              <th key={column.id} scope="col">
                {column.words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map((line, at) => {
            const verdict = verdicts.get(at);
            return [
              <tr key={`cells-${at}`}>
                {columns.map((column) => (
                  <td
                    key={column.id}
                    style={
                      verdict?.field === column.id
                        ? { outline: `2px solid ${palette.alarm}`, outlineOffset: -2 }
                        : undefined
                    }
                  >
                    <input
                      name={`${column.id}-${at + 1}`}
                      aria-label={`${column.words}, line ${at + 1}`}
                      value={line[column.id]}
                      placeholder={at === 0 ? column.helper : ""}
                      autoComplete="off"
                      onChange={(event) => set(at, { [column.id]: event.target.value } as Partial<Line<K>>)}
                      onPaste={(event) => {
                        const text = event.clipboardData.getData("text");
                        if (!isTable(text)) return;
                        event.preventDefault();
                        paste(text, at);
                      }}
                    />
                  </td>
                ))}
              </tr>,
              verdict && (
                <tr key={`verdict-${at}`}>
                  <td
                    colSpan={columns.length}
                    data-testid={`verdict-${at + 1}`}
                    data-state={verdict.refused ? "refused" : "good"}
                  >
                    <Typography
                      variant="body2"
                      component="div"
                      sx={{
                        px: 1,
                        pb: 0.5,
                        display: "flex",
                        gap: 0.75,
                        flexWrap: "wrap",
                        alignItems: "center",
                      }}
                    >
                      {verdict.refused ? <AlarmMark /> : null}
                      <span>{verdict.refused ?? verdict.words}</span>
                      {verdict.didYouMean.map((name) => (
                        <Button
                          key={name}
                          size="small"
                          variant="outlined"
                          sx={{ px: 1, minHeight: 32 }}
                          onClick={() => choose(at, verdict.field ?? "species", name)}
                        >
                          {name}
                        </Button>
                      ))}
                    </Typography>
                  </td>
                </tr>
              ),
            ];
          })}
        </tbody>
      </Box>
    </Box>
  );
}
