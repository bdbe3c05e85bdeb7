import { useCallback, useState } from "react";
import { useQueries } from "@tanstack/react-query";
import { BATCHES_A_PAGE, batchPageQuery } from "../../book/queries";
import type { BatchLine, BatchQuestion } from "../../api/types";
import { pagesOf } from "./batchAsked";

/** The batches that fit, of which only the pages in sight are asked for. The first page always is: it has the choices. */
export function useBatchList(asked: BatchQuestion) {
  const [seen, setSeen] = useState<[number, number]>([0, 0]);
  const sees = useCallback((first: number, last: number) => setSeen([first, last]), []);
  const pages = [...new Set([0, ...pagesOf(...seen, BATCHES_A_PAGE)])];
  const answers = useQueries({ queries: pages.map((from) => batchPageQuery(asked, from)) });
  const lines = new Map<number, BatchLine>();
  answers.forEach(({ data, isPlaceholderData }, i) => {
    // what another page held while this one is under way does not belong here
    if (data && (!isPlaceholderData || pages[i] === data.from))
      data.lines.forEach((line, row) => lines.set(data.from + row, line));
  });
  return {
    head: answers[0]?.data,
    error: answers.find((a) => a.error)?.error ?? null,
    line: (row: number) => lines.get(row),
    sees,
  };
}
