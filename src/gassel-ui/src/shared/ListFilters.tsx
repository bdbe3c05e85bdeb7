import { useState } from "react";
import { Box, Button } from "@mui/material";
import { ChoiceField } from "./ChoiceField";
import { SearchField } from "./SearchField";
import { useNarrow } from "./useNarrow";

/** One thing a list is narrowed by, or its order. */
export interface ListChoice<K extends string> {
  by: K;
  label: string;
  /** With their words; where nothing is asked the first counts. */
  choices: readonly (readonly [string, string])[];
}

interface ListFiltersProps<K extends string> {
  /** Names of the fields begin so. */
  name: string;
  /** What the words are looked for in. */
  searches: string;
  asked: Partial<Record<K | "text", string>>;
  ask: (by: K | "text", value: string) => void;
  lists: readonly ListChoice<K>[];
}

/** By what a list is narrowed, and its order. On a phone only the words stand there at first. */
export function ListFilters<K extends string>({ name, searches, asked, ask, lists }: ListFiltersProps<K>) {
  const isNarrow = useNarrow();
  const size = isNarrow ? "medium" : "small";
  const [isOpen, setOpen] = useState(false);
  return (
    <Box
      sx={{
        display: "grid",
        columnGap: 1,
        rowGap: { xs: 1.5, md: 1 },
        gridTemplateColumns: { xs: "1fr 1fr", md: `1.3fr repeat(${lists.length}, minmax(0, 1fr))` },
      }}
    >
      <SearchField
        size={size}
        label={searches}
        name={`${name}-text`}
        value={asked.text ?? ""}
        ask={(text) => ask("text", text)}
        sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}
      />
      {isNarrow && (
        <Button
          variant="outlined"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
          sx={{ gridColumn: "1 / -1" }}
        >
          {isOpen ? "Hide choices" : "More choices"}
        </Button>
      )}
      {(!isNarrow || isOpen) &&
        lists.map(({ by, label, choices }) => (
          <ChoiceField<string>
            key={by}
            size={size}
            label={label}
            name={`${name}-${by}`}
            value={asked[by] ?? choices[0]?.[0] ?? ""}
            onChange={(value) => ask(by, value === choices[0]?.[0] ? "" : value)}
            choices={choices}
          />
        ))}
    </Box>
  );
}

/** Anything, or one of these. */
export const anyOr = (choices: readonly (readonly [string, string])[]) => [["", "any"] as const, ...choices];

/** Each value that some of these have once, with how many have it, in the order of their words. */
export function counted<T>(all: readonly T[], value: (one: T) => string, words: (one: T) => string) {
  const found = new Map<string, { words: string; times: number }>();
  for (const one of all) {
    const known = found.get(value(one));
    if (known) known.times++;
    else found.set(value(one), { words: words(one), times: 1 });
  }
  return [...found]
    .sort(([, a], [, b]) => a.words.localeCompare(b.words))
    .map(([key, { words: said, times }]) => [key, `${said} (${times})`] as const);
}
