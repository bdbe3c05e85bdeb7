import { useDevice } from "../look/DeviceContext";

/** A flag beside a number or a sentence that wants attention; the text itself stays in ink. */
export function AlarmMark({ small = false }: { small?: boolean }) {
  const { palette } = useDevice();
  const size = small ? 14 : 20;
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 20 20"
      aria-hidden="true"
      style={{ flex: "none", marginTop: 3 }}
    >
      <path
        d="M4 19V2l13 5-13 5"
        fill={palette.alarm}
        stroke={palette.alarm}
        strokeWidth="2"
        strokeLinejoin="round"
      />
    </svg>
  );
}
