import type { StepKind } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { textureFill } from "./steps";

/** A piece of the step's texture, as wide as it is given room. */
export function StepSwatch({ kind, height = 34 }: { kind: StepKind; height?: number }) {
  const { palette } = useDevice();
  return (
    <svg width="100%" height={height} aria-hidden="true">
      <rect
        x="1"
        y="1"
        width="98%"
        height={height - 2}
        rx="4"
        fill={textureFill(kind)}
        stroke={palette.ink2}
        strokeOpacity="0.6"
      />
    </svg>
  );
}
