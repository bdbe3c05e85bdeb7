import { useEffect } from "react";
import { useQueryClient } from "@tanstack/react-query";
import { countTraysQuery, findQuery, placesQuery, roundsQuery, useSession, yardQuery } from "../book/queries";

/** After the first view has come up. */
const SOON_MS = 3_000;
const EVERY_MS = 300_000;
const FRESH_MS = EVERY_MS / 2;

/** Fetches what Rounds, Count and Yard need while there is a connection, so that they open without one too. */
export function useKeepForBench(): void {
  const queries = useQueryClient();
  const session = useSession().data;
  const isIn = session !== undefined && session.role !== null;
  useEffect(() => {
    if (!isIn) return;
    const fetchAll = () => {
      void queries.prefetchQuery({ ...roundsQuery, staleTime: FRESH_MS });
      void queries.prefetchQuery({ ...countTraysQuery, staleTime: FRESH_MS });
      void queries.prefetchQuery({ ...placesQuery, staleTime: FRESH_MS });
      void queries.prefetchQuery({ ...yardQuery, staleTime: FRESH_MS });
      void queries.prefetchQuery({ ...findQuery, staleTime: FRESH_MS });
    };
    const soon = setTimeout(fetchAll, SOON_MS);
    const often = setInterval(fetchAll, EVERY_MS);
    return () => {
      clearTimeout(soon);
      clearInterval(often);
    };
  }, [queries, isIn]);
}
