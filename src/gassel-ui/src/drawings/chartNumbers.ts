import type {
  ColdLearned,
  ColdSoFar,
  ContainerDetail,
  ForecastsView,
  FrostsView,
  FrostView,
  LongRecord,
  PartView,
  PlantTally,
  RibbonStretch,
  SetOutResult,
  TreatmentsLearned,
  WarmthTold,
  YardDay,
} from "../api/types";
import { WORDS } from "../api/words";
import type { ChartNumbers } from "../shared/ChartTable";
import { percent, several } from "../shared/numbers";
import { between, degreeDays, degreeDaysUnit, degrees, difference, length } from "../shared/units";
import type { Units } from "../shared/units";
import { stageWords } from "./stages";
import { stepWords } from "./steps";
import { shortDay } from "../time/days";
import type { Day } from "../time/days";
import { momentWords } from "../time/moments";

const NONE = "–";

/** Days of cold as they were gained, one day a row. */
export const coldNumbers = (cold: ColdSoFar, units: Units, today: Day): ChartNumbers => ({
  caption: `Cold gained by temperature since ${shortDay(cold.since, today)}`,
  columns: ["Day", "Days of cold so far", "Mean temperature", "How known"],
  rows: () =>
    cold.daily.map((day) => [
      shortDay(day.date, today),
      day.sum.toFixed(1),
      degrees(day.meanC, units),
      `${WORDS.TemperatureSource[day.source]}${day.certain ? "" : "; may have lain dry"}`,
    ]),
});

/** What came up by the days since sowing, counted and fitted. */
export const emergenceNumbers = (result: NonNullable<PartView["result"]>): ChartNumbers => ({
  caption: "Share of the seed sown that is up, by days since sowing",
  columns: ["Days since sowing", "Counted", "Fitted", "Likely range"],
  rows: () => {
    const days = [...new Set([...result.points.map((p) => p.day), ...result.band.map((b) => b.day)])];
    return days
      .sort((a, b) => a - b)
      .map((day) => {
        const counted = result.points.find((p) => p.day === day);
        const fitted = result.line.find((p) => p.day === day);
        const range = result.band.find((b) => b.day === day);
        return [
          day.toFixed(Number.isInteger(day) ? 0 : 1),
          counted ? percent(counted.fraction) : NONE,
          fitted ? percent(fitted.fraction) : NONE,
          range ? `${percent(range.low)} to ${percent(range.high)}` : NONE,
        ];
      });
  },
});

/** Outdoors, the air inside and the mix, hour by hour. */
export const hourNumbers = (
  hours: ContainerDetail["hours"],
  units: Units,
  timeZone: string,
  today: Day,
): ChartNumbers => ({
  caption: "Temperature inside, hour by hour",
  columns: ["Hour", "Outdoors", "Air inside", "Mix"],
  rows: () =>
    hours.map((hour) => [
      momentWords(hour.at, timeZone, today),
      degrees(hour.outdoorC, units),
      between(hour.airC, hour.airBand, units),
      between(hour.mediumC, hour.mediumBand, units),
    ]),
});

/** Cold, frost and warmth in the mix, day by day. */
export const seasonNumbers = (detail: ContainerDetail, units: Units, today: Day): ChartNumbers => ({
  caption: "The season inside, day by day",
  columns: [
    "Day",
    "Days of cold so far",
    "Hours frozen",
    `Warmth since, ${degreeDaysUnit(units)}`,
    "Weather",
  ],
  rows: () =>
    detail.days.map((day) => [
      shortDay(day.inside.date, today),
      day.cold.toFixed(1),
      day.inside.frozenHours.toFixed(0),
      degreeDays(day.degrees, units),
      WORDS.YardDaySource[day.source],
    ]),
});

/** The days of the weather outdoors. */
export const outlookNumbers = (days: YardDay[], units: Units, today: Day): ChartNumbers => ({
  caption: "Weather outdoors, day by day",
  columns: ["Day", "Coldest", "Warmest", "Snow", "How known"],
  rows: () =>
    days.map((day) => [
      shortDay(day.date, today),
      degrees(day.minC, units),
      degrees(day.maxC, units),
      day.snowCm > 0 ? length(10 * day.snowCm, units) : NONE,
      WORDS.YardDaySource[day.source],
    ]),
});

/** What each day to set out on comes to. */
export const setOutNumbers = (result: SetOutResult, today: Day): ChartNumbers => ({
  caption: "Share of the winters on record, by the day of setting out",
  columns: ["Set out", "Cold is enough", "Freeze after they are up"],
  rows: () =>
    result.dates.map((date) => [
      shortDay(date.date, today),
      percent(date.chillMetShare),
      percent(date.freezeAfterEmergenceShare),
    ]),
});

/** Reading less model, moment by moment. */
export const residualNumbers = (
  residuals: { at: string; residualK: number }[],
  units: Units,
  timeZone: string,
  today: Day,
): ChartNumbers => ({
  caption: "Reading less model",
  columns: ["Hour", "Difference"],
  rows: () => residuals.map((r) => [momentWords(r.at, timeZone, today), difference(r.residualK, units)]),
});

/** Last and first frost of each year. */
export const frostNumbers = (
  frost: FrostView["thresholds"][number]["frost"],
  threshold: string,
): ChartNumbers => ({
  caption: `Last and first day at ${threshold} or colder, by year`,
  columns: ["Year", "Last in spring", "First in autumn"],
  rows: () =>
    frost.years.map((year) => [
      String(year.year),
      year.lastSpring ? shortDay(year.lastSpring, year.lastSpring) : NONE,
      year.firstAutumn ? shortDay(year.firstAutumn, year.firstAutumn) : NONE,
    ]),
});

/** Steps of batches along time, a row each. */
export const ribbonNumbers = (
  ribbons: { name: string; stretches: Omit<RibbonStretch, "step">[] }[],
  today: Day,
): ChartNumbers => ({
  caption: "Steps along time, and as they were planned",
  columns: ["Batch", "Step", "From", "To", "Is", "Planned from", "Planned to"],
  rows: () =>
    ribbons.flatMap(({ name, stretches }) =>
      stretches.map((s) => [
        name,
        stepWords(s.kind),
        shortDay(s.start, today),
        shortDay(s.end, today),
        WORDS.RibbonTime[s.time],
        shortDay(s.plannedStart, today),
        shortDay(s.plannedEnd, today),
      ]),
    ),
});

/** Seed to plant: how many came as far as each stage, and what became of them there. */
export const flowNumbers = (seeds: number, tally: PlantTally): ChartNumbers => ({
  caption: "From seed to plant, stage by stage",
  columns: ["Stage", "Came so far", "There now", "Dormant", "Lost there"],
  rows: () => [
    ["seeds", String(seeds), NONE, NONE, NONE],
    ...tally.stages.map((s) => [stageWords(s.stage), ...[s.reached, s.alive, s.dormant, s.lost].map(String)]),
  ],
});

/** What happened to batches of several winters, in the order of its days. */
export const yearsNumbers = (records: LongRecord[], today: Day): ChartNumbers => ({
  caption: "What happened over the years",
  columns: ["Batch", "Day", "What", "Plants"],
  rows: () =>
    records.flatMap((record) =>
      record.events.map((event) => [
        `B-${record.number} ${record.commonName}`,
        shortDay(event.on, today),
        WORDS.LongEventKind[event.kind],
        event.plants === null ? NONE : String(event.plants),
      ]),
    ),
});

/** What was said of each batch, and what came. */
export const forecastNumbers = (
  { kind, forecasts }: ForecastsView,
  today: Day,
  units: Units,
): ChartNumbers => ({
  caption: `Forecasts of ${WORDS.ForecastKind[kind]} beside what came`,
  columns: ["Batch", kind === "inside" ? "Day" : "Known since", "Said", "Between", "Came", "Held"],
  rows: () =>
    forecasts.map((f) => [
      `B-${f.number}`,
      shortDay(f.on, today),
      foretold(kind, f.guess, units),
      `${foretold(kind, f.low, units)} to ${foretold(kind, f.high, units)}`,
      foretold(kind, f.truth, units),
      f.held ? "yes" : "no",
    ]),
});

/** On which days it was told to freeze or not to, and what came. */
export const frostToldNumbers = ({ inside, days }: FrostsView, today: Day): ChartNumbers => ({
  caption: inside ? "Freezing inside containers, told and come" : "Frost at the site, told and come",
  columns: ["Day", ...(inside ? ["Batch"] : []), "Told", "Came"],
  rows: () =>
    days.map((d) => [
      shortDay(d.date, today),
      ...(inside ? [`B-${d.batch}`] : []),
      d.told ? "frost" : "none",
      d.came ? "frost" : "none",
    ]),
});

/** A share, a temperature, days, or a day since sowing. */
export const foretold = (kind: ForecastsView["kind"], value: number, units: Units): string =>
  kind === "germination"
    ? percent(value)
    : kind === "inside"
      ? degrees(value, units)
      : kind === "emergence"
        ? `day ${Math.round(value)}`
        : `${Math.round(value) < 0 ? "−" : ""}${several(Math.abs(Math.round(value)), "day")}`;

/** How many points of germination more come up with a treatment than without. */
export const treatmentNumbers = ({ of, effects }: TreatmentsLearned): ChartNumbers => ({
  caption: `Points of germination more by treatment, ${of}`,
  columns: ["Treatment", "Points more", "Likely range"],
  rows: () => effects.map((e) => [e.name, points(e.difference), `${points(e.low)} to ${points(e.high)}`]),
});

/** A share as points of a hundred, fewer with a minus. */
const points = (share: number): string => `${share < 0 ? "−" : ""}${Math.abs(Math.round(share * 100))}`;

/** Batches by the cold they had, and the line through them. */
export const warmthNumbers = ({ points }: WarmthTold, units: Units): ChartNumbers => ({
  caption: "Share of the seedlings up, by warmth gathered",
  columns: ["Sowing", "Warmth gathered", "Up"],
  rows: () =>
    points.map((p) => [
      `B-${p.batch}`,
      `${degreeDays(p.degreeDays, units)} ${degreeDaysUnit(units)}`,
      percent(p.share),
    ]),
});

export const coldEffectNumbers = ({ batches, curve }: ColdLearned): ChartNumbers => ({
  caption: "Share that came up, by days of cold",
  columns: ["Days of cold", "Came up", "Of", "Batch", "Likely range of the mean"],
  rows: () => [
    ...batches.map((b) => [
      String(b.coldDays),
      percent(b.germinated / b.seeds),
      several(b.seeds, "seed"),
      `B-${b.number}`,
      NONE,
    ]),
    ...curve.map((c) => [
      c.coldDays.toFixed(0),
      percent(c.mean ?? 0),
      NONE,
      "line through them",
      `${percent(c.low ?? 0)} to ${percent(c.high ?? 0)}`,
    ]),
  ],
});
