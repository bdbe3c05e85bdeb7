import { useSite } from "../book/queries";
import type { SiteSettings } from "../api/types";
import type { DayOrder } from "../time/days";

export type Units = SiteSettings["units"];

/** The units of the site; metric until it is known. */
export const useUnits = (): Units => useSite().data?.settings.units ?? "metric";

/** How a day in numbers is written there: month first with US units, else day first. */
export const useDayOrder = (): DayOrder => (useUnits() === "metric" ? "dayFirst" : "monthFirst");

const trim = (value: number, places: number): string => String(Number(value.toFixed(places)));

const minus = (text: string): string => text.replace("-", "−");

export const toFahrenheit = (c: number): number => c * 1.8 + 32;

/** A temperature with its unit, kept on one line. */
export const degrees = (c: number, units: Units): string =>
  units === "metric" ? `${minus(trim(c, 1))}\u00a0°C` : `${minus(trim(toFahrenheit(c), 0))}\u00a0°F`;

/** A difference of temperatures, in which no 32 is added. */
export const difference = (k: number, units: Units): string =>
  units === "metric" ? `${minus(trim(k, 1))}\u00a0K` : `${minus(trim(k * 1.8, 1))}\u00a0°F`;

/** `20–25 °C`. */
export const band = ({ lowC, highC }: { lowC: number; highC: number }, units: Units): string =>
  units === "metric"
    ? `${minus(trim(lowC, 1))}–\u2060${degrees(highC, units)}`
    : `${minus(trim(toFahrenheit(lowC), 0))}–\u2060${degrees(highC, units)}`;

/** Inches in eighths are how a finger measures; decimals how a scale does. */
export const length = (mm: number, units: Units): string =>
  units === "metric" ? `${trim(mm, 1)}\u00a0mm` : `${trim(mm / 25.4, 2)}\u00a0in`;

/** Litres, or millilitres below a tenth; US gallons, or fluid ounces below a quarter. */
export const volume = (litres: number, units: Units): string =>
  units === "metric"
    ? litres < 0.1
      ? `${trim(litres * 1000, 0)}\u00a0ml`
      : `${trim(litres, 2)}\u00a0l`
    : litres < 0.946
      ? `${trim(litres * 33.814, 1)}\u00a0fl oz`
      : `${trim(litres / 3.78541, 2)}\u00a0gal`;

export const elevation = (m: number, units: Units): string =>
  units === "metric" ? `${trim(m, 0)}\u00a0m` : `${trim(m / 0.3048, 0)}\u00a0ft`;

/** What a field may measure. */
export type Measure = "temperature" | "difference" | "length" | "elevation" | "volume";

const SCALES: Record<Measure, { unit: string; us: string; times: number; plus: number }> = {
  temperature: { unit: "°C", us: "°F", times: 1.8, plus: 32 },
  difference: { unit: "K", us: "°F", times: 1.8, plus: 0 },
  length: { unit: "mm", us: "in", times: 1 / 25.4, plus: 0 },
  volume: { unit: "l", us: "fl oz", times: 33.814, plus: 0 },
  elevation: { unit: "m", us: "ft", times: 1 / 0.3048, plus: 0 },
};

export const unitOf = (measure: Measure, units: Units): string =>
  units === "metric" ? SCALES[measure].unit : SCALES[measure].us;

export const fromMetric = (value: number, measure: Measure, units: Units): number =>
  units === "metric" ? value : value * SCALES[measure].times + SCALES[measure].plus;

export const toMetric = (value: number, measure: Measure, units: Units): number =>
  units === "metric" ? value : (value - SCALES[measure].plus) / SCALES[measure].times;

/** A sentence in which no number is parted from its unit at the end of a line. */
export const unbroken = (text: string): string => text.replace(/ (°C|K\b|km\/h|mm\b)/g, "\u00a0$1");
