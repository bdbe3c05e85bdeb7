import type { ContainerBrief, ContainerPreset } from "../api/types";
import { useDevice } from "../look/DeviceContext";

/** Outlines in a field 56 wide and 74 high: wall, and the line up to which the mix stands. */
const SHAPES: Record<ContainerPreset, { wall: string; neck: string; mix: string }> = {
  jug4: {
    wall: "M20 14h14v6q13 3 13 15v28q0 7-7 7H13q-7 0-7-7V35q0-12 14-15z",
    neck: "M21 8h12v6H21z",
    mix: "M6 50h41v13q0 7-7 7H13q-7 0-7-7z",
  },
  jug2: {
    wall: "M21 22h12v5q11 3 11 13v23q0 7-6 7H15q-6 0-6-7V40q0-10 12-13z",
    neck: "M22 16h10v6H22z",
    mix: "M9 52h35v11q0 7-6 7H15q-6 0-6-7z",
  },
  bottle2: {
    wall: "M23 12h8v8q9 5 9 13v32q0 5-5 5H19q-5 0-5-5V33q0-8 9-13z",
    neck: "M22 6h10v6H22z",
    mix: "M14 52h26v13q0 5-5 5H19q-5 0-5-5z",
  },
  tub6: {
    wall: "M3 28h50l-4 38q0 4-4 4H11q-4 0-4-4z",
    neck: "M1 22h54v6H1z",
    mix: "M5 46h46l-2 20q0 4-4 4H11q-4 0-4-4z",
  },
  pot: {
    wall: "M9 30h38l-5 36q0 4-4 4H18q-4 0-4-4z",
    neck: "M6 24h44v6H6z",
    mix: "M10 40h36l-4 26q0 4-4 4H18q-4 0-4-4z",
  },
  coldFrame: { wall: "M2 34 54 22v48H2z", neck: "M0 30 56 17v5L0 35z", mix: "M2 54h52v16H2z" },
};

interface ContainerGlyphProps {
  kind: ContainerPreset | null;
  state: ContainerBrief["state"];
  shelter: ContainerBrief["shelter"];
  capOn: boolean;
  flagged: boolean;
}

/** A container from the side: its mix in the texture of what goes on in it, its cap, its cover, and a flag where hands are wanted. */
export function ContainerGlyph({ kind, state, shelter, capOn, flagged }: ContainerGlyphProps) {
  const { palette: p } = useDevice();
  const shape = SHAPES[kind ?? "jug4"];
  const up = state === "up";
  const fill =
    state === "unknown"
      ? p.paper
      : up || state === "expected"
        ? "url(#texture-germinate)"
        : "url(#texture-cold)";
  return (
    <svg width="56" height="76" viewBox="-3 -4 68 80" aria-hidden="true">
      <path d={shape.wall} fill={p.card} stroke={p.ink2} strokeWidth="1.6" />
      <path d={shape.mix} fill={fill} stroke={p.ink2} strokeWidth="1" />
      {capOn && <path d={shape.neck} fill={p.ink2} stroke={p.ink2} strokeWidth="1" />}
      {state === "frozen" && (
        <path d="M27 55v14M21 58l12 8M33 58l-12 8" stroke={p.frost} strokeWidth="2.4" strokeLinecap="round" />
      )}
      {up && (
        <path
          d="M20 48v-8q-5-1-6-6m6 6q5-1 6-6M34 48v-6q-4-1-5-5m5 5q4-1 5-5"
          stroke={p.lichen}
          strokeWidth="2.6"
          fill="none"
        />
      )}
      {shelter === "covered" && (
        <path
          d="M-1 70V30q4-26 28-26t28 26v40"
          fill="none"
          stroke={p.ochre}
          strokeWidth="3"
          strokeDasharray="6 3"
        />
      )}
      {shelter === "carriedIn" && (
        <path d="M-1 72V28L27 4l28 24v44" fill="none" stroke={p.ochre} strokeWidth="3" />
      )}
      {flagged && (
        <path
          d="M48 22V-2l14 6-14 6"
          fill={p.alarm}
          stroke={p.alarm}
          strokeWidth="2"
          strokeLinejoin="round"
        />
      )}
    </svg>
  );
}
