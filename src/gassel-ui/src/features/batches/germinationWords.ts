import type { GerminationResult } from "../../api/types";
import { inDays, percent } from "../../shared/numbers";

/** One number of the counts: what a grower calls it, its value, and what it means. */
export interface NumberInWords {
  name: string;
  value: string;
  means: string;
}

const days = (n: number | null): string => (n === null ? "not yet" : inDays(n));
const plain = (n: number | null, places = 2): string => (n === null ? "not yet" : n.toFixed(places));

/** Day by which half was up, or before which, where the first count found them. */
export const halfWords = ({ times }: GerminationResult): string =>
  times.halfBefore !== null ? `before day ${Math.ceil(times.halfBefore)}` : days(times.half);

/** Everything that the counts of a sowing say, in the order in which a grower would ask. */
export function inWords(result: GerminationResult): NumberInWords[] {
  const { indices: i, curve, wilson, exact } = result;
  const share = (low: number, high: number) => `${percent(low)} to ${percent(high)}`;
  return [
    {
      name: "share up",
      value: `${percent(result.fraction)}, ${share(wilson.low, wilson.high)}`,
      means: `of the seed sown; exact interval ${share(exact.low, exact.high)}`,
    },
    { name: "first seedling", value: days(i.firstDay), means: "after sowing, as counted" },
    { name: "last seedling", value: days(i.lastDay), means: "after sowing, as counted" },
    {
      name: "a tenth, a quarter",
      value: `${days(i.t10)}; ${days(i.t25)}`,
      means: "of those that came up were up by then (T10, T25)",
    },
    {
      name: "half",
      value: halfWords(result),
      means:
        result.times.half === null
          ? "of those that came up (T50)"
          : `of those that came up (T50); the middle seedling at ${days(i.t50Coolbear)}`,
    },
    {
      name: "three quarters, nine tenths",
      value: `${days(i.t75)}; ${days(i.t90)}`,
      means: "of those that came up (T75, T90)",
    },
    {
      name: "mean time",
      value: i.meanTime !== null && result.times.mean === null ? "not known" : days(result.times.mean),
      means:
        i.meanTime !== null && result.times.mean === null
          ? "many were up before the first count"
          : i.timeVariance === null
            ? "of one seedling"
            : `give or take ${inDays(Math.sqrt(i.timeVariance))}`,
    },
    {
      name: "pace",
      value: `${plain(i.speed)} a day`,
      means: "speed of emergence: each seedling divided by its day",
    },
    {
      name: "rate",
      value: i.coefficientOfVelocity === null ? "not yet" : `${i.coefficientOfVelocity.toFixed(1)} % a day`,
      means: "one divided by the mean time (coefficient of velocity)",
    },
    {
      name: "evenness",
      value: days(i.uniformity),
      means: "from the first quarter up to the third (T75 − T25): fewer days are more even",
    },
    {
      name: "together",
      value: i.synchrony === null ? "not yet" : plain(i.synchrony),
      means: `synchrony, 1 if all came in one count; spread over the counts ${plain(i.uncertaintyBits)} bits`,
    },
    {
      name: "peak and germination value",
      value: `${plain(i.peakValue)}; ${plain(i.germinationValue)}`,
      means: "best percent a day so far, and that times the mean daily percent (Czabator)",
    },
    ...(curve
      ? [
          {
            name: "where the curve ends",
            value: `${percent(curve.maxFraction)} at most`,
            means:
              `half of that by ${inDays(curve.t50)}, steepness ${curve.shape.toFixed(1)}` +
              `${curve.extrapolated ? "; still a guess beyond the counts" : ""}`,
          },
        ]
      : []),
  ];
}
