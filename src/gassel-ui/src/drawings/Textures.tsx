import { useDevice } from "../look/DeviceContext";

/** The one vocabulary of step textures, defined once for every drawing on the page. */
export function Textures() {
  const { palette: p } = useDevice();
  const tile = { patternUnits: "userSpaceOnUse" as const };
  return (
    <svg width="0" height="0" style={{ position: "absolute" }} aria-hidden="true">
      <defs>
        <pattern id="texture-dry" width="8" height="8" {...tile}>
          <rect width="8" height="8" fill={p.wash.dry} />
          <path d="M0 8h8" stroke={p.line} />
        </pattern>
        <pattern id="texture-scarify" width="9" height="9" {...tile}>
          <rect width="9" height="9" fill={p.wash.scarify} />
          <path d="M1 8 8 1M0 3 3 0M6 9 9 6" stroke={p.ochre} strokeWidth="1.3" />
        </pattern>
        <pattern id="texture-soak" width="16" height="8" {...tile}>
          <rect width="16" height="8" fill={p.wash.soak} />
          <path d="M0 4q4-4 8 0t8 0" fill="none" stroke={p.pool} strokeWidth="1.4" />
        </pattern>
        <pattern id="texture-warm" width="9" height="9" {...tile}>
          <rect width="9" height="9" fill={p.wash.warm} />
          <circle cx="2.5" cy="2.5" r="1.5" fill={p.clay} />
          <circle cx="7" cy="7" r="1.5" fill={p.clay} />
        </pattern>
        <pattern id="texture-cold" width="14" height="10" {...tile}>
          <rect width="14" height="10" fill={p.wash.cold} />
          <path d="M1 3h6M8 8h6" stroke={p.frost} strokeWidth="1.6" strokeLinecap="round" />
        </pattern>
        <pattern id="texture-germinate" width="10" height="12" {...tile}>
          <rect width="10" height="12" fill={p.wash.germinate} />
          <path d="M5 12V6M5 8q-3-1-3-4M5 7q3-1 3-4" fill="none" stroke={p.lichen} strokeWidth="1.3" />
        </pattern>
        <pattern id="texture-grow" width="12" height="12" {...tile}>
          <rect width="12" height="12" fill={p.wash.grow} />
          <path d="M0 12 12 0M6 12 12 6" stroke={p.lichen} strokeWidth="1" />
        </pattern>
        <pattern id="texture-vernal" width="12" height="12" {...tile}>
          <rect width="12" height="12" fill={p.wash.cold} />
          <path d="M6 11V4M3 6l3-3 3 3" fill="none" stroke={p.frost} strokeWidth="1.3" />
        </pattern>
        <pattern id="texture-harden" width="16" height="16" {...tile}>
          <rect width="16" height="16" fill={p.wash.harden} />
          <path d="M0 14h4v-4h4v-4h4v-4h4" fill="none" stroke={p.ochre} strokeWidth="1.3" />
        </pattern>
      </defs>
    </svg>
  );
}
