import { useState } from "react";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";

/** Inputs of a calculator as texts, kept in the address so that a link brings them along. */
export function useInputs<T extends Record<string, string>>(usual: T) {
  const [query, setQuery] = useSearchParams();
  const [inputs, setInputs] = useState<T>(
    () =>
      Object.fromEntries(Object.entries(usual).map(([key, value]) => [key, query.get(key) ?? value])) as T,
  );
  const set = (part: Partial<T>) => {
    const next = { ...inputs, ...part };
    setInputs(next);
    setQuery(next, { replace: true });
  };
  return [inputs, set] as const;
}

/** A number as it stands in the address; null where it is none. */
export const numberOf = (text: string): number | null =>
  text.trim() !== "" && Number.isFinite(Number(text)) ? Number(text) : null;

export const textOf = (value: number | null): string => (value === null ? "" : String(value));

/** What a calculator answers; the last answer stands while the next is reckoned. */
export const useAnswer = <A>(name: string, inputs: unknown, ask: (() => Promise<A>) | null) =>
  useQuery({
    queryKey: ["calculator", name, inputs],
    enabled: ask !== null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => {
      if (!ask) throw new Error("nothing to calculate");
      return ask();
    },
  });
