import { NumberField } from "./NumberField";

interface PositionFieldsProps {
  latitude: number | null;
  longitude: number | null;
  change: (part: { latitude?: number | null; longitude?: number | null }) => void;
}

/** Where on the globe, in degrees: two fields for a grid. */
export function PositionFields({ latitude, longitude, change }: PositionFieldsProps) {
  return (
    <>
      <NumberField
        label="Latitude"
        name="latitude"
        value={latitude}
        onChange={(value) => change({ latitude: value })}
        min={-90}
        max={90}
        whole={false}
        unit="°"
        helper="south with a minus"
      />
      <NumberField
        label="Longitude"
        name="longitude"
        value={longitude}
        onChange={(value) => change({ longitude: value })}
        min={-180}
        max={180}
        whole={false}
        unit="°"
        helper="west with a minus"
      />
    </>
  );
}
