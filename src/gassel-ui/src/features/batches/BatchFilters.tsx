import { useEffect, useState } from "react";
import { Box, Button, TextField } from "@mui/material";
import { WORDS } from "../../api/words";
import type { BatchChoice, BatchChoices, BatchQuestion } from "../../api/types";
import { ChoiceField, wordsOf } from "../../shared/ChoiceField";
import { useNarrow } from "../../shared/useNarrow";
import { seasonWords } from "../closing/closingWords";
import type { AskedBy } from "./batchAsked";

interface BatchFiltersProps {
  asked: BatchQuestion;
  choices: BatchChoices;
  ask: (by: AskedBy, value: string) => void;
}

/** Letters are asked for once the fingers rest so long. */
const REST_MS = 200;

const named = (choices: BatchChoice[], words: (value: string) => string): [string, string][] =>
  choices.map((c) => [c.value, `${c.name || words(c.value)} (${c.batches})`]);

const inTable = (table: Record<string, string>) => (value: string) => table[value] ?? value;

/** By what the list is narrowed, and its order. On a phone only the words stand there at first. */
export function BatchFilters({ asked, choices, ask }: BatchFiltersProps) {
  const isNarrow = useNarrow();
  const size = isNarrow ? "medium" : "small";
  const [isOpen, setOpen] = useState(false);
  const [text, setText] = useState(asked.text ?? "");
  useEffect(() => {
    if (text === (asked.text ?? "")) return;
    const resting = setTimeout(() => ask("text", text), REST_MS);
    return () => clearTimeout(resting);
  }, [text, asked.text, ask]);
  const fields: [AskedBy, string, [string, string][]][] = [
    ["state", "How far", named(choices.states, inTable(WORDS.BatchPhase))],
    ["species", "Species", named(choices.species, String)],
    ["place", "Place", named(choices.places, String)],
    ["season", "Winter", named(choices.seasons, (year) => seasonWords(Number(year)))],
    ["trouble", "Trouble", named(choices.troubles, inTable(WORDS.BatchTrouble))],
  ];
  return (
    <Box
      sx={{
        display: "grid",
        columnGap: 1,
        rowGap: { xs: 1.5, md: 1 },
        gridTemplateColumns: { xs: "1fr 1fr", md: "1.3fr repeat(6, 1fr)" },
      }}
    >
      <TextField
        size={size}
        label="Number, name, lot or label"
        name="batch-text"
        value={text}
        onChange={(event) => setText(event.target.value)}
        sx={{ gridColumn: { xs: "1 / -1", md: "auto" } }}
      />
      {isNarrow && (
        <Button
          variant="outlined"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
          sx={{ gridColumn: "1 / -1" }}
        >
          {isOpen ? "Hide choices" : "Choose and sort"}
        </Button>
      )}
      {(!isNarrow || isOpen) &&
        fields.map(([by, label, own]) => (
          <ChoiceField<string>
            key={by}
            size={size}
            label={label}
            name={`batches-${by}`}
            value={String(asked[by] ?? "")}
            onChange={(value) => ask(by, value)}
            choices={[["", "any"], ...own]}
          />
        ))}
      {(!isNarrow || isOpen) && (
        <ChoiceField<string>
          size={size}
          label="Order"
          name="batches-order"
          value={asked.order ?? "newest"}
          onChange={(value) => ask("order", value === "newest" ? "" : value)}
          choices={wordsOf(WORDS.BatchOrder)}
        />
      )}
    </Box>
  );
}
