import { useQuery } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { PlantSpacing } from "../../api/types";

/** Ground for so many plants at a spacing; undefined while one of the two is missing. */
export const useGround = (plants: number | null, spacingCm: number | null): PlantSpacing | undefined =>
  useQuery({
    queryKey: ["spacing", plants, spacingCm],
    enabled: plants !== null && spacingCm !== null,
    retry: false,
    queryFn: () =>
      answered(
        api.POST("/api/calculators/spacing", { body: { plants: plants ?? 1, spacingCm: spacingCm ?? 1 } }),
      ),
  }).data;
