import { fromMetric, toMetric, unitOf, useUnits } from "./units";
import type { Measure } from "./units";
import { NumberField } from "./NumberField";

interface MeasureFieldProps {
  label: string;
  name: string;
  measure: Measure;
  /** Metric, as it is kept. */
  value: number | null;
  onChange: (value: number | null) => void;
  min: number;
  max: number;
  helper?: string;
}

/** A temperature or a length in the units of the site, kept metric. */
export function MeasureField({ measure, value, onChange, min, max, ...rest }: MeasureFieldProps) {
  const units = useUnits();
  const shown = (metric: number) => Number(fromMetric(metric, measure, units).toFixed(2));
  return (
    <NumberField
      {...rest}
      key={units}
      value={value === null ? null : shown(value)}
      onChange={(entered) => onChange(entered === null ? null : toMetric(entered, measure, units))}
      min={shown(min)}
      max={shown(max)}
      whole={false}
      unit={unitOf(measure, units)}
    />
  );
}
