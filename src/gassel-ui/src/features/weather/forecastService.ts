import type { ForecastServiceToUse } from "../../api/types";

/** The service as its form holds it: every field a text. */
export interface ServiceForm extends Record<FieldName, string> {
  name: string;
  address: string;
  format: NonNullable<ForecastServiceToUse["format"]>;
  order: NonNullable<ForecastServiceToUse["order"]>;
  temperature: NonNullable<Units["temperature"]>;
  wind: NonNullable<Units["wind"]>;
  rainUnit: NonNullable<Units["rain"]>;
  snowUnit: NonNullable<Units["snow"]>;
  headerName: string;
  headerValue: string;
  allowPrivate: boolean;
  /** Headers beyond the one that the form shows; they are sent on as they are. */
  moreHeaders: NonNullable<ForecastServiceToUse["headers"]>;
}

type Units = NonNullable<ForecastServiceToUse["units"]>;
export type FieldName = "rows" | "date" | "low" | "high" | "gust" | "rain" | "snow";

export const FIELDS: FieldName[] = ["rows", "date", "low", "high", "gust", "rain", "snow"];

export function formOf(service: ForecastServiceToUse | null): ServiceForm {
  const [header, ...moreHeaders] = service?.headers ?? [];
  return {
    name: service?.name ?? "",
    address: service?.address ?? "",
    format: service?.format ?? "json",
    order: service?.order ?? "yearFirst",
    temperature: service?.units?.temperature ?? "celsius",
    wind: service?.units?.wind ?? "kilometersPerHour",
    rainUnit: service?.units?.rain ?? "millimeters",
    snowUnit: service?.units?.snow ?? "centimeters",
    headerName: header?.name ?? "",
    headerValue: "",
    moreHeaders,
    allowPrivate: service?.allowPrivate ?? false,
    rows: service?.fields.rows ?? "",
    date: service?.fields.date ?? "",
    low: service?.fields.low ?? "",
    high: service?.fields.high ?? "",
    gust: service?.fields.gust ?? "",
    rain: service?.fields.rain ?? "",
    snow: service?.fields.snow ?? "",
  };
}

/** As the server takes it; what is empty is not told. A header without a value keeps the one it has. */
export function serviceOf(form: ServiceForm): ForecastServiceToUse {
  const told = (text: string) => (text.trim() === "" ? null : text.trim());
  return {
    name: form.name,
    address: form.address.trim(),
    format: form.format,
    order: form.order,
    units: { temperature: form.temperature, wind: form.wind, rain: form.rainUnit, snow: form.snowUnit },
    headers: [
      ...(told(form.headerName) ? [{ name: form.headerName.trim(), value: told(form.headerValue) }] : []),
      ...form.moreHeaders,
    ],
    allowPrivate: form.allowPrivate,
    fields: {
      date: form.date.trim(),
      rows: form.format === "json" ? told(form.rows) : null,
      low: told(form.low),
      high: told(form.high),
      gust: told(form.gust),
      rain: told(form.rain),
      snow: told(form.snow),
    },
  };
}
