import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answerOrLast } from "../offline/answers";
import { currentConnection } from "../offline/connection";
import { dayReckoned } from "../time/days";
import { answered, api, sendToken } from "../api/client";
import type {
  BatchQuestion,
  CapPosition,
  ContainerPreset,
  ContainerSetup,
  MixRequest,
  Place,
  TrialRequest,
} from "../api/types";

/** Batches of a list that are asked for together. */
export const BATCHES_A_PAGE = 100;

const HEARTBEAT_MS = 60_000;
const HEARTBEAT_ALONE_MS = 5_000;
/** A reading that was just sent is seen while one still stands there. */
const READING_MS = 4_000;

/** Who is signed in, and what may be done here. */
export const sessionQuery = {
  queryKey: ["session"],
  queryFn: async () => {
    const { data } = await answerOrLast("session", () => answered(api.GET("/api/session")));
    sendToken(data.token);
    return data;
  },
};

export const useSession = () => useQuery({ ...sessionQuery, staleTime: HEARTBEAT_MS });

/**
 * Site, now and today by the server's clock; asked again so that midnight is noticed, and soon where nobody answers. Without connection the
 * day is reckoned on from the server's last word, which was heard at `heardAt` by this device's clock.
 */
export const siteQuery = {
  queryKey: ["site"],
  queryFn: async () => {
    const { data, heardAt } = await answerOrLast("site", () => answered(api.GET("/api/site")));
    const today = currentConnection().reached
      ? data.today
      : dayReckoned({ now: data.now, today: data.today, timeZone: data.timeZone, heardAt }, Date.now());
    return { ...data, today, heardAt };
  },
};

export const useSite = () =>
  useQuery({
    ...siteQuery,
    refetchInterval: () => (currentConnection().reached ? HEARTBEAT_MS : HEARTBEAT_ALONE_MS),
  });

/** What the bench needs also without connection: each answer is kept on the device. */
export const roundsQuery = {
  queryKey: ["rounds"],
  queryFn: async () => (await answerOrLast("rounds", () => answered(api.GET("/api/rounds")))).data,
};

export const countTraysQuery = {
  queryKey: ["count"],
  queryFn: async () => (await answerOrLast("count", () => answered(api.GET("/api/count")))).data,
};

export const yardQuery = {
  queryKey: ["yard"],
  queryFn: async () => (await answerOrLast("yard", () => answered(api.GET("/api/yard")))).data,
};

/** All that can be looked for, also without connection. */
export const findQuery = {
  queryKey: ["find"],
  queryFn: async () => (await answerOrLast("find", () => answered(api.GET("/api/find")))).data,
};

/** What is known of the weather to come. */
export const useForecast = () =>
  useQuery({
    queryKey: ["forecast"],
    queryFn: () => answered(api.GET("/api/forecast")),
    refetchInterval: HEARTBEAT_MS,
  });

/** The service that is asked for it. */
export const useForecastService = () =>
  useQuery({
    queryKey: ["forecastService"],
    queryFn: () => answered(api.GET("/api/forecast/service")),
    refetchInterval: HEARTBEAT_MS,
  });

/** What seedlings of each hardiness stand; changes with the units alone. */
export const useHardiness = () =>
  useQuery({ queryKey: ["hardiness"], queryFn: () => answered(api.GET("/api/hardiness")) });

/** Thermometers that send, and where each is heard by MQTT. */
export const useThermometers = () =>
  useQuery({ queryKey: ["thermometers"], queryFn: () => answered(api.GET("/api/thermometers")) });

/** The MQTT broker and how it does. */
export const useBroker = () =>
  useQuery({
    queryKey: ["broker"],
    queryFn: () => answered(api.GET("/api/broker")),
    refetchInterval: HEARTBEAT_MS,
  });

/** Who is told what by e-mail, and what was sent. */
export const useMessages = () =>
  useQuery({
    queryKey: ["messages"],
    queryFn: () => answered(api.GET("/api/messages")),
    refetchInterval: HEARTBEAT_MS,
  });

export const useYard = () => useQuery({ ...yardQuery, refetchInterval: HEARTBEAT_MS });

export const useContainer = (batch: string, part: string) =>
  useQuery({
    queryKey: ["yard", batch, part],
    retry: false,
    queryFn: () =>
      answered(api.GET("/api/yard/containers/{id}/{part}", { params: { path: { id: batch, part } } })),
  });

/** When each species goes out, for a kind of container. */
export const useWaves = (preset: ContainerPreset, cap: CapPosition) =>
  useQuery({
    queryKey: ["yard", "waves", preset, cap],
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.GET("/api/yard/waves", { params: { query: { preset, cap } } })),
  });

/** When one species goes out by a route; asks nothing without one. */
export const useSetOut = (speciesId: string, routeId: string | null) =>
  useQuery({
    queryKey: ["yard", "set-out", speciesId, routeId],
    enabled: routeId !== null,
    retry: false,
    queryFn: () =>
      answered(api.GET("/api/yard/set-out", { params: { query: { speciesId, routeId: routeId ?? "" } } })),
  });

/** How far those days may be off; long to reckon, and asked for only where it is looked at. */
export const useSetOutRange = (
  speciesId: string,
  routeId: string | null,
  container: { preset?: ContainerPreset; cap?: CapPosition } = {},
  enabled = true,
) =>
  useQuery({
    queryKey: ["yard", "set-out", "range", speciesId, routeId, container],
    enabled: enabled && routeId !== null,
    retry: false,
    queryFn: () =>
      answered(
        api.GET("/api/yard/set-out/range", {
          params: { query: { speciesId, routeId: routeId ?? "", ...container } },
        }),
      ),
  });

export const useBothWays = () =>
  useQuery({
    queryKey: ["yard", "ways"],
    queryFn: () => answered(api.GET("/api/yard/indoors-outdoors")),
  });

/** What is done at the table for a container, and what speaks against it. */
export const usePreparation = (setup: ContainerSetup, seeds: number, containers: number) =>
  useQuery({
    queryKey: ["yard", "preparation", setup, seeds, containers],
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(api.POST("/api/yard/preparation", { params: { query: { seeds, containers } }, body: setup })),
  });

export const placesQuery = {
  queryKey: ["places"],
  queryFn: async () => (await answerOrLast("places", () => answered(api.GET("/api/places")))).data,
};

export const usePlaceKinds = () =>
  useQuery({
    queryKey: ["place-kinds"],
    staleTime: Infinity,
    queryFn: () => answered(api.GET("/api/place-kinds")),
  });

/** How plants of a batch can go through the winter; empty outside its months. */
export const useWinter = (batch: string) =>
  useQuery({
    queryKey: ["winter", batch],
    queryFn: () => answered(api.GET("/api/batches/{id}/winter", { params: { path: { id: batch } } })),
  });

/** What may be seen to be wrong, and what to do about it; kept for the greenhouse without connection. */
export const useSymptoms = () =>
  useQuery({
    queryKey: ["symptoms"],
    staleTime: Infinity,
    queryFn: async () => (await answerOrLast("symptoms", () => answered(api.GET("/api/symptoms")))).data,
  });

export const useRounds = () => useQuery(roundsQuery);

/** What a day ahead will ask for; today's rounds where none is named. */
export const useRoundsOn = (on: string | null) =>
  useQuery(
    on === null
      ? roundsQuery
      : {
          ...roundsQuery,
          queryKey: [...roundsQuery.queryKey, on],
          queryFn: () => answered(api.GET("/api/rounds", { params: { query: { on } } })),
        },
  );

export const useCountTrays = () => useQuery(countTraysQuery);

export const useTrials = () =>
  useQuery({ queryKey: ["trials"], queryFn: () => answered(api.GET("/api/trials")) });

export const useTrial = (id: string) =>
  useQuery({
    queryKey: ["trials", id],
    retry: false,
    queryFn: () => answered(api.GET("/api/trials/{id}", { params: { path: { id } } })),
  });

/** A trial laid out as it would be; the last layout stands while the next is drawn. */
export const useTrialLayout = (request: TrialRequest | null) =>
  useQuery({
    queryKey: ["trial-layout", request],
    enabled: request !== null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.POST("/api/trials/layout", { body: request as TrialRequest })),
  });

/** How many seeds a difference takes. */
export const useTrialSize = (control: number | null, treated: number | null, seedsAtHand: number | null) =>
  useQuery({
    queryKey: ["trial-size", control, treated, seedsAtHand],
    enabled: control !== null && treated !== null && control !== treated,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.POST("/api/calculators/trial-size", {
          body: { control: control ?? 0, treated: treated ?? 0, power: null, alpha: null, seedsAtHand },
        }),
      ),
  });

/** Ranked causes of low germination; asks nothing until it is wanted. */
export const useCauses = (batch: string, part: string, wanted: boolean) =>
  useQuery({
    queryKey: ["batches", batch, "causes", part],
    enabled: wanted,
    retry: false,
    queryFn: () =>
      answered(api.GET("/api/batches/{id}/parts/{part}/causes", { params: { path: { id: batch, part } } })),
  });

/** What own batches made of the routes of a species. */
export const useSpeciesResults = (id: string) =>
  useQuery({
    queryKey: ["species", id, "results"],
    retry: false,
    queryFn: () => answered(api.GET("/api/species/{id}/results", { params: { path: { id } } })),
  });

/** Which treatments matter for a species and its genus, by own batches. */
export const useSpeciesTreatments = (id: string) =>
  useQuery({
    queryKey: ["species", id, "treatments"],
    retry: false,
    queryFn: () => answered(api.GET("/api/species/{id}/treatments", { params: { path: { id } } })),
  });

/** With how much warmth a species comes up, by own sowings. */
export const useSpeciesWarmth = (id: string) =>
  useQuery({
    queryKey: ["species", id, "warmth"],
    retry: false,
    queryFn: () => answered(api.GET("/api/species/{id}/warmth", { params: { path: { id } } })),
  });

/** How the seed of a batch is sown, and where. */
export const useSowing = (batch: string) =>
  useQuery({
    queryKey: ["sowing", batch],
    retry: false,
    queryFn: () => answered(api.GET("/api/batches/{id}/sowing", { params: { path: { id: batch } } })),
  });

/** Amounts of each medium for so many seeds of a batch; asks nothing for none. */
export const useMedia = (batch: string, seeds: number) =>
  useQuery({
    queryKey: ["media", batch, seeds],
    enabled: seeds > 0,
    queryFn: () =>
      answered(api.GET("/api/batches/{id}/media", { params: { path: { id: batch }, query: { seeds } } })),
  });

export const useNetwork = () =>
  useQuery({ queryKey: ["network"], queryFn: () => answered(api.GET("/api/network")) });

export const useSpecies = () =>
  useQuery({ queryKey: ["species"], queryFn: () => answered(api.GET("/api/species")) });

export const useLots = () => useQuery({ queryKey: ["lots"], queryFn: () => answered(api.GET("/api/lots")) });

export const usePlaces = () => useQuery(placesQuery);

/** The places to which something may come, in the order of the grower. */
export const usePlacesInUse = (): Place[] =>
  (usePlaces().data ?? []).filter((place) => place.retiredOn === null);

export const useTemperatures = () =>
  useQuery({
    queryKey: ["temperatures"],
    queryFn: () => answered(api.GET("/api/temperatures")),
    refetchInterval: READING_MS,
  });

export const usePlaceTemperature = (id: string) =>
  useQuery({
    queryKey: ["temperatures", id],
    queryFn: () => answered(api.GET("/api/places/{id}/temperature", { params: { path: { id } } })),
    refetchInterval: READING_MS,
    retry: false,
  });

export const useMixStart = () =>
  useQuery({
    queryKey: ["mix"],
    queryFn: () => answered(api.GET("/api/calculators/mix")),
    staleTime: Infinity,
  });

/** What a mix takes; the last answer stands while the next is reckoned. */
export const useMix = (request: MixRequest | null) =>
  useQuery({
    queryKey: ["mix", request],
    enabled: request !== null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () => answered(api.POST("/api/calculators/mix", { body: request as MixRequest })),
  });

export const useLabels = () =>
  useQuery({ queryKey: ["labels"], queryFn: () => answered(api.GET("/api/labels")) });

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

/** The books of a season; the present one where none is named. */
export const useClosing = (season: number | null) =>
  useQuery({
    queryKey: ["closing", season],
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET("/api/closing", { params: { query: season === null ? {} : { season: String(season) } } }),
      ),
  });

/** The books of one batch. */
export const useBatchBooks = (id: string) =>
  useQuery({
    queryKey: ["closing", "batch", id],
    retry: false,
    queryFn: () => answered(api.GET("/api/closing/batches/{id}", { params: { path: { id } } })),
  });

/** Batches that live through several winters. */
export const useYears = () =>
  useQuery({ queryKey: ["closing", "years"], queryFn: () => answered(api.GET("/api/closing/years")) });

/** Every forecast whose truth is known, by kind. */
export const useForecastsJudged = () =>
  useQuery({ queryKey: ["forecasts-judged"], queryFn: () => answered(api.GET("/api/forecasts-judged")) });

/** Days of which it was told whether it would freeze, at the site and in containers. */
export const useFrostsJudged = () =>
  useQuery({ queryKey: ["frosts-judged"], queryFn: () => answered(api.GET("/api/frosts-judged")) });

/** A page of the batches that fit a question; what stood there stays until the next answer. */
export const batchPageQuery = (asked: BatchQuestion, from: number) => ({
  queryKey: ["batches", "list", asked, from],
  placeholderData: keepPreviousData,
  queryFn: ({ signal }: { signal: AbortSignal }) =>
    answered(
      api.GET("/api/batch-list", {
        params: { query: { ...asked, from: String(from), take: String(BATCHES_A_PAGE) } },
        signal,
      }),
    ),
});

/** Living parts of some batches, for a gesture on all of them. */
export const actingParts = (numbers: number[]) =>
  answered(api.POST("/api/batch-list/parts", { body: { numbers } }));

export const batchQuery = (id: string) => ({
  queryKey: ["batches", id],
  queryFn: () => answered(api.GET("/api/batches/{id}", { params: { path: { id } } })),
  retry: false,
});

export const useBatch = (id: string) => useQuery(batchQuery(id));
