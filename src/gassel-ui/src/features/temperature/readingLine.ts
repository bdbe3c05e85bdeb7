import type { Units } from "../../shared/units";

/** One reading sent with curl; through a certificate of the book's own it has to be named to curl as well. */
export function readingLine(origin: string, id: string, token: string, units: Units): string {
  const trust = origin.startsWith("https:") ? " --cacert gassel-authority.crt" : "";
  const reading = units === "metric" ? '{"tempC": 4.2}' : '{"tempF": 39.6}';
  return (
    `curl${trust} ${origin}/api/thermometers/${id}/readings` +
    ` -H "Authorization: Bearer ${token}" -H "Content-Type: application/json" -d '${reading}'`
  );
}
