import { WORDS } from "../../api/words";
import type { BatchChoice, BatchChoices, BatchQuestion } from "../../api/types";
import { wordsOf } from "../../shared/ChoiceField";
import { anyOr, ListFilters } from "../../shared/ListFilters";
import { seasonWords } from "../closing/closingWords";
import type { AskedBy } from "./batchAsked";

interface BatchFiltersProps {
  asked: BatchQuestion;
  choices: BatchChoices;
  ask: (by: AskedBy, value: string) => void;
}

const named = (choices: BatchChoice[], words: (value: string) => string) =>
  anyOr(choices.map((c) => [c.value, `${c.name || words(c.value)} (${c.batches})`] as const));

const inTable = (table: Record<string, string>) => (value: string) => table[value] ?? value;

/** By what batches are narrowed, and their order. */
export function BatchFilters({ asked, choices, ask }: BatchFiltersProps) {
  return (
    <ListFilters<Exclude<AskedBy, "text">>
      name="batches"
      searches="Number, name, lot or label"
      asked={asked}
      ask={ask}
      lists={[
        { by: "state", label: "How far", choices: named(choices.states, inTable(WORDS.BatchPhase)) },
        { by: "species", label: "Species", choices: named(choices.species, String) },
        { by: "place", label: "Place", choices: named(choices.places, String) },
        {
          by: "season",
          label: "Winter",
          choices: named(choices.seasons, (year) => seasonWords(Number(year))),
        },
        { by: "trouble", label: "Trouble", choices: named(choices.troubles, inTable(WORDS.BatchTrouble)) },
        { by: "order", label: "Order", choices: wordsOf(WORDS.BatchOrder) },
      ]}
    />
  );
}
