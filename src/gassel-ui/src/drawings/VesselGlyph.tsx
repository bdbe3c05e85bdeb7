import type { StepKind, Vessel } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { textureFill } from "./steps";

interface VesselGlyphProps {
  vessel: Vessel | null;
  step: StepKind | null;
  late: boolean;
  flagged: boolean;
}

const SHAPES: Record<Vessel["kind"] | "packet", { body: string; lid: string }> = {
  bag: { body: "M3 14 Q26 6 49 14 L47 64 Q26 70 5 64Z", lid: "M1 8h50v7H1z" },
  jar: { body: "M8 16h36q4 3 4 8v34q0 8-8 8H12q-8 0-8-8V24q0-5 4-8z", lid: "M9 8h34v8H9z" },
  tray: { body: "M2 30h48l-5 34H7z", lid: "M0 25h52v6H0z" },
  deepCells: {
    body: "M4 22h12l-2 44H6zM20 22h12l-2 44h-8zM36 22h12l-2 44h-8z",
    lid: "M0 17h52v6H0z",
  },
  flat: { body: "M1 42h50l-3 20H4z", lid: "M-1 38h54v5H-1z" },
  pot: { body: "M8 28h36l-5 38H13z", lid: "M5 22h42v7H5z" },
  container: { body: "M14 24q-9 4-9 14v20q0 8 8 8h26q8 0 8-8V38q0-10-9-14z", lid: "M18 12h16v12H18z" },
  packet: { body: "M6 14h40v50H6z", lid: "M6 14h40l-20 14z" },
};

/** A vessel filled with the texture of its step; a flag where hands are wanted. */
export function VesselGlyph({ vessel, step, late, flagged }: VesselGlyphProps) {
  const { palette: p } = useDevice();
  const shape = SHAPES[vessel?.kind ?? "packet"];
  return (
    <svg width="56" height="74" viewBox="-2 -6 64 78" aria-hidden="true">
      <path d={shape.body} fill={step ? textureFill(step) : p.card} stroke={p.ink2} strokeWidth="1.4" />
      <path d={shape.lid} fill={p.card} stroke={p.ink2} strokeWidth="1.4" strokeLinejoin="round" />
      {flagged && (
        <path
          d="M46 18V-3l14 6-14 6"
          fill={late ? p.alarm : p.ochre}
          stroke={late ? p.alarm : p.ochre}
          strokeWidth="2"
          strokeLinejoin="round"
        />
      )}
    </svg>
  );
}
