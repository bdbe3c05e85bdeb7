import { useDevice } from "../look/DeviceContext";

/** Stands before a caution at a step: a warning about the work, not about lateness. */
export function CautionMark() {
  const { palette } = useDevice();
  return (
    <svg width="17" height="17" viewBox="0 0 20 20" aria-hidden="true" style={{ flex: "none", marginTop: 2 }}>
      <path d="M10 2 19 18H1z" fill="none" stroke={palette.ochre} strokeWidth="2" strokeLinejoin="round" />
      <path d="M10 8v5m0 2v1.6" stroke={palette.ochre} strokeWidth="2" />
    </svg>
  );
}
