import { useState } from "react";
import { useQueryClient } from "@tanstack/react-query";
import { answered, api } from "../../api/client";
import type { ForecastDay } from "../../api/types";
import { useWho } from "../../people/usePerson";

/** Tells days of the forecast; what hangs on the weather is asked again. */
export function useTellForecast() {
  const queries = useQueryClient();
  const who = useWho();
  const [error, setError] = useState<unknown>(null);
  const tell = async (days: ForecastDay[]): Promise<boolean> => {
    setError(null);
    try {
      await answered(api.POST("/api/forecast", { body: { who, days } }));
      await queries.invalidateQueries();
      return true;
    } catch (refused) {
      setError(refused);
      return false;
    }
  };
  return { tell, error };
}
