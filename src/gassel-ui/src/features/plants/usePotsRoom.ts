import { useQuery } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { PotsRoomView } from "../../api/types";

/** Room for so many pots of a batch; undefined while a number is missing. */
export const usePotsRoom = (
  batch: string,
  plants: number | null,
  potCm: number | null,
): PotsRoomView | undefined =>
  useQuery({
    queryKey: ["pots-room", batch, plants, potCm],
    enabled: plants !== null && potCm !== null,
    retry: false,
    queryFn: () =>
      answered(
        api.GET("/api/batches/{id}/pots-room", {
          params: { path: { id: batch }, query: { plants: plants ?? 1, potCm: potCm ?? 1 } },
        }),
      ),
  }).data;
