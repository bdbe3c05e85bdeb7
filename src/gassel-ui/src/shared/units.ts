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

/** A temperature by the ends it lies between, in whole degrees; the one where they are the same, or where nobody told them. */
export function between(
  c: number,
  ends: { lowC: number; highC: number } | null | undefined,
  units: Units,
): string {
  if (!ends) return degrees(c, units);
  const whole = (at: number) => minus(String(Math.round(units === "metric" ? at : toFahrenheit(at)) || 0));
  const [low, high] = [whole(ends.lowC), whole(ends.highC)];
  const unit = units === "metric" ? "°C" : "°F";
  return low === high ? `${low}\u00a0${unit}` : `${low}\u00a0to\u00a0${high}\u00a0${unit}`;
}

/** Warmth gathered, in degree days of the site's scale, from those of Celsius. */
export const degreeDays = (cDays: number, units: Units): string =>
  (units === "metric" ? cDays : cDays * 1.8).toFixed(0);

export const degreeDaysUnit = (units: Units): string => (units === "metric" ? "°C·days" : "°F·days");

/** A difference of temperatures, in which no 32 is added. */
export const difference = (k: number, units: Units): string =>
  units === "metric" ? `${minus(trim(k, 1))}\u00a0K` : `${minus(trim(k * 1.8, 1))}\u00a0°F`;

/** `20–25 °C`. */
export const band = ({ lowC, highC }: { lowC: number; highC: number }, units: Units): string =>
  units === "metric"
    ? `${minus(trim(lowC, 1))}–\u2060${degrees(highC, units)}`
    : `${minus(trim(toFahrenheit(lowC), 0))}–\u2060${degrees(highC, units)}`;

/** Sixteenths below one inch, quarters above: `3/8`, `2 1/4`. As the server's speaker writes them. */
export function inches(value: number): string {
  let parts = value < 1 ? 16 : 4;
  const steps = Math.max(Math.round(value * parts), value > 0 ? 1 : 0);
  const whole = Math.floor(steps / parts);
  let rest = steps % parts;
  if (rest === 0) return String(whole);
  while (rest % 2 === 0) [rest, parts] = [rest / 2, parts / 2];
  return whole === 0 ? `${rest}/${parts}` : `${whole} ${rest}/${parts}`;
}

/** Millimetres below two centimetres, else centimetres; inches. */
export const length = (mm: number, units: Units): string =>
  units === "metric"
    ? mm < 20
      ? `${trim(mm, 1)}\u00a0mm`
      : `${trim(mm / 10, 1)}\u00a0cm`
    : `${inches(mm / 25.4)}\u00a0in`;

/** What is smaller than a tray in square centimetres or inches. */
export function area(m2: number, units: Units): string {
  const feet = m2 * 10.76391;
  if (m2 < 0.1)
    return units === "metric" ? `${trim(m2 * 10_000, 0)}\u00a0cm²` : `${trim(feet * 144, 0)}\u00a0sq\u00a0in`;
  return units === "metric" ? `${trim(m2, 2)}\u00a0m²` : `${trim(feet, m2 < 1 ? 1 : 0)}\u00a0sq\u00a0ft`;
}

/** Litres, or millilitres below a tenth; US fluid ounces, quarts or gallons. As the server's speaker writes them. */
export function volume(litres: number, units: Units): string {
  if (units === "metric")
    return litres < 0.1 && litres > 0
      ? `${trim(litres * 1000, 0)}\u00a0ml`
      : `${trim(litres, litres < 10 ? 2 : 1)}\u00a0l`;
  if (litres < 0.237) return `${trim(litres * 33.814, 1)}\u00a0fl oz`;
  return litres < 3.785 ? `${trim(litres * 1.05669, 1)}\u00a0qt` : `${trim(litres / 3.78541, 1)}\u00a0gal`;
}

export const speed = (kmh: number, units: Units): string =>
  units === "metric" ? `${trim(kmh, 0)}\u00a0km/h` : `${trim(kmh / 1.609344, 0)}\u00a0mph`;

export const elevation = (m: number, units: Units): string =>
  units === "metric" ? `${trim(m, 0)}\u00a0m` : `${trim(m / 0.3048, 0)}\u00a0ft`;

/** What a field may measure. */
export type Measure =
  | "temperature"
  | "difference"
  | "length"
  | "width"
  | "elevation"
  | "volume"
  | "capacity"
  | "weight"
  | "perVolume"
  | "speed"
  | "area";

const SCALES: Record<Measure, { unit: string; us: string; times: number; plus: number }> = {
  temperature: { unit: "°C", us: "°F", times: 1.8, plus: 32 },
  difference: { unit: "K", us: "°F", times: 1.8, plus: 0 },
  length: { unit: "mm", us: "in", times: 1 / 25.4, plus: 0 },
  width: { unit: "cm", us: "in", times: 1 / 2.54, plus: 0 },
  capacity: { unit: "l", us: "gal", times: 1 / 3.785411784, plus: 0 },
  weight: { unit: "kg", us: "lb", times: 1 / 0.45359237, plus: 0 },
  perVolume: { unit: "a litre", us: "a gallon", times: 3.785411784, plus: 0 },
  volume: { unit: "l", us: "fl oz", times: 33.814, plus: 0 },
  speed: { unit: "km/h", us: "mph", times: 1 / 1.609344, plus: 0 },
  area: { unit: "m²", us: "sq ft", times: 10.76391, plus: 0 },
  elevation: { unit: "m", us: "ft", times: 1 / 0.3048, plus: 0 },
};

export const unitOf = (measure: Measure, units: Units): string =>
  units === "metric" ? SCALES[measure].unit : SCALES[measure].us;

export const fromMetric = (value: number, measure: Measure, units: Units): number =>
  units === "metric" ? value : value * SCALES[measure].times + SCALES[measure].plus;

export const toMetric = (value: number, measure: Measure, units: Units): number =>
  units === "metric" ? value : (value - SCALES[measure].plus) / SCALES[measure].times;

/** A sentence in which no number is parted from its unit at the end of a line. */
export const unbroken = (text: string): string =>
  text.replace(/ (°C|°F|K\b|km\/h|mph|mm\b|cm\b|in\b(?=[.,;:)]|$)|l\b|gal\b)/g, "\u00a0$1");
