import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { WishView } from "../../api/types";
import { SUPPLIES } from "./useSupplies";
import type { Day } from "../../time/days";

const KEY = ["wishes"];

export const useWishes = () => useQuery({ queryKey: KEY, queryFn: () => answered(api.GET("/api/wishes")) });

/** What a grower decides of a wish; the list comes back as it is then. */
export function useWishChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ wish, pinned, isAside }: { wish: WishView; pinned: Day | null; isAside: boolean }) =>
      answered(api.PUT("/api/wishes/{id}", { params: { path: { id: wish.id } }, body: { pinned, isAside } })),
    onSuccess: (list) => {
      queries.setQueryData(KEY, list);
      return queries.invalidateQueries({ queryKey: SUPPLIES });
    },
  });
}

/** Half of it becomes a wish of its own, some weeks later. */
export function useWishSplit() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => answered(api.POST("/api/wishes/{id}/split", { params: { path: { id } } })),
    onSuccess: (list) => {
      queries.setQueryData(KEY, list);
      return queries.invalidateQueries({ queryKey: SUPPLIES });
    },
  });
}

export function useWishRemoval() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => answered(api.DELETE("/api/wishes/{id}", { params: { path: { id } } })),
    onSuccess: (list) => {
      queries.setQueryData(KEY, list);
      return queries.invalidateQueries({ queryKey: SUPPLIES });
    },
  });
}
