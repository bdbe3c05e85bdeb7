import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";

/** Below the wishes, so that it is asked anew whenever the list is. */
export const SUPPLIES = ["wishes", "supplies"];

export const useSupplies = () =>
  useQuery({ queryKey: SUPPLIES, queryFn: () => answered(api.GET("/api/supplies")) });

/** What is on hand of a thing and what one more costs; the list comes back as it is then. */
export function useStock() {
  const queries = useQueryClient();
  return useMutation({
    // one after another: of two fields left quickly the later one counts
    scope: { id: "stock" },
    mutationFn: ({ key, ...body }: { key: string; onHand: number; priceEach: number | null }) =>
      answered(api.PUT("/api/supplies/{key}", { params: { path: { key } }, body })),
    onSuccess: (list) => queries.setQueryData(SUPPLIES, list),
  });
}
