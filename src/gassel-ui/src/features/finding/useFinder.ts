import { useMemo } from "react";
import { useQuery } from "@tanstack/react-query";
import { findQuery } from "../../book/queries";
import { makeFinder } from "./findIndex";
import type { Found } from "./findIndex";

/** Looks among all that the book has, and among the views of the program. */
export function useFinder(views: Found[]) {
  const all = useQuery(findQuery);
  const find = useMemo(() => makeFinder([...(all.data ?? []), ...views]), [all.data, views]);
  return { find, error: all.error, isReady: all.data !== undefined };
}
