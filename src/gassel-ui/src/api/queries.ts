import { useQuery } from "@tanstack/react-query";
import { answered, api } from "./client";

/** Site, now and today by the server's clock; asked again so that midnight is noticed. */
export const useSite = () =>
  useQuery({ queryKey: ["site"], queryFn: () => answered(api.GET("/api/site")), refetchInterval: 60_000 });

export const useRounds = () =>
  useQuery({ queryKey: ["rounds"], queryFn: () => answered(api.GET("/api/rounds")) });

export const useSpecies = () =>
  useQuery({ queryKey: ["species"], queryFn: () => answered(api.GET("/api/species")) });

export const useLots = () => useQuery({ queryKey: ["lots"], queryFn: () => answered(api.GET("/api/lots")) });

export const usePlaces = () =>
  useQuery({ queryKey: ["places"], queryFn: () => answered(api.GET("/api/places")) });

export const useWeatherRecords = () =>
  useQuery({ queryKey: ["weather-records"], queryFn: () => answered(api.GET("/api/weather-records")) });

/** Frost by a record; asks nothing without one. */
export const useFrost = (record: number | null) =>
  useQuery({
    queryKey: ["frost", record],
    enabled: record !== null,
    retry: false,
    queryFn: () =>
      answered(api.GET("/api/weather-records/{id}/frost", { params: { path: { id: record ?? 0 } } })),
  });

export const useSeason = () =>
  useQuery({ queryKey: ["season"], queryFn: () => answered(api.GET("/api/season")) });

export const useBatches = () =>
  useQuery({ queryKey: ["batches"], queryFn: () => answered(api.GET("/api/batches")) });

export const useBatch = (id: string) =>
  useQuery({
    queryKey: ["batches", id],
    queryFn: () => answered(api.GET("/api/batches/{id}", { params: { path: { id } } })),
    retry: false,
  });
