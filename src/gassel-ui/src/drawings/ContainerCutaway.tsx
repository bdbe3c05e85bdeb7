import type { ContainerBrief, ContainerPreset } from "../api/types";
import { useDevice } from "../look/DeviceContext";
import { SERIF } from "../look/theme";
import { between, degrees, useUnits } from "../shared/units";

interface Cut {
  /** Outline of the wall, in a field 170 by 240. */
  wall: string;
  cap: string;
  /** The mix, from its surface down. */
  mix: string;
  surface: number;
  left: number;
  right: number;
}

const JUG: Cut = {
  wall: "M66 34V16h38v18q42 10 42 52v126q0 14-14 14H38q-14 0-14-14V86q0-42 42-52z",
  cap: "M62 4h46v14H62z",
  mix: "M24 150h122v62q0 14-14 14H38q-14 0-14-14z",
  surface: 150,
  left: 26,
  right: 144,
};

const CUTS: Record<ContainerPreset, Cut> = {
  jug4: JUG,
  jug2: JUG,
  bottle2: {
    wall: "M74 40V18h22v22q30 14 30 46v128q0 12-12 12H56q-12 0-12-12V86q0-32 30-46z",
    cap: "M70 6h30v14H70z",
    mix: "M44 152h82v62q0 12-12 12H56q-12 0-12-12z",
    surface: 152,
    left: 46,
    right: 124,
  },
  tub6: {
    wall: "M10 84h150l-12 130q0 12-12 12H34q-12 0-12-12z",
    cap: "M4 68h162v16H4z",
    mix: "M15 138h140l-7 76q0 12-12 12H34q-12 0-12-12z",
    surface: 138,
    left: 18,
    right: 152,
  },
  pot: {
    wall: "M30 104h110l-14 110q0 12-12 12H56q-12 0-12-12z",
    cap: "M20 88q12-12 24 0t24 0 24 0 24 0 24 0l6 16H18z",
    mix: "M32 118h106l-12 96q0 12-12 12H56q-12 0-12-12z",
    surface: 118,
    left: 34,
    right: 136,
  },
  coldFrame: {
    wall: "M6 120 164 76v150H6z",
    cap: "M0 108 170 60v14L0 122z",
    mix: "M6 172h158v54H6z",
    surface: 172,
    left: 8,
    right: 162,
  },
};

/** A container cut open: the air over the mix and the mix itself, with what the model says of both. */
export function ContainerCutaway({ brief, outdoorC }: { brief: ContainerBrief; outdoorC: number | null }) {
  const { palette: p } = useDevice();
  const units = useUnits();
  const cut = CUTS[brief.setup.kind ?? "jug4"];
  const lidded = brief.setup.kind !== "pot";
  const words = [
    brief.airC === null ? null : `air ${degrees(brief.airC, units)}`,
    brief.mediumC === null ? null : `mix ${degrees(brief.mediumC, units)}`,
  ].filter((w) => w !== null);
  const shoots = Math.min(brief.standing, 5);
  return (
    <svg
      viewBox="-14 -8 344 250"
      width="100%"
      style={{ maxWidth: 420, display: "block" }}
      role="img"
      aria-label={`${brief.label} cut open: ${words.join(", ") || "nothing known of its inside"}`}
      data-testid="cutaway"
    >
      {brief.shelter !== "none" && (
        <path
          d={
            brief.shelter === "covered"
              ? "M-8 228V110q10-112 94-112t94 112v118"
              : "M-10 230V78L85-6l95 84v152"
          }
          fill="none"
          stroke={p.ochre}
          strokeWidth={4}
          strokeDasharray={brief.shelter === "covered" ? "9 5" : undefined}
        />
      )}
      <path
        d={cut.wall}
        fill={brief.airC !== null && brief.airC <= 0 ? p.wash.cold : p.card}
        stroke={p.ink2}
        strokeWidth={2.4}
      />
      <path d={cut.mix} fill={p.wash.scarify} stroke="none" />
      <path
        d={cut.mix}
        fill={brief.mediumC !== null && brief.mediumC < 0 ? "url(#texture-cold)" : "url(#texture-scarify)"}
        stroke={p.ink2}
        strokeWidth={1.6}
        opacity={0.9}
      />
      {lidded && brief.cap === "on" && <path d={cut.cap} fill={p.ink2} />}
      {!lidded && <path d={cut.cap} fill={p.wash.harden} stroke={p.ochre} strokeWidth={2} />}
      {Array.from({ length: shoots }, (_, i) => {
        const x = cut.left + ((cut.right - cut.left) * (i + 0.5)) / shoots;
        return (
          <path
            key={i}
            d={`M${x} ${cut.surface}v-22m0 6q-11-2-13-13m13 13q11-2 13-13`}
            stroke={p.lichen}
            strokeWidth={3.4}
            fill="none"
          />
        );
      })}
      {outdoorC !== null && (
        <text x={196} y={20} fontSize={15} fill={p.ink2}>
          outdoors {degrees(outdoorC, units)}
        </text>
      )}
      {brief.airC !== null && (
        <>
          <line x1={cut.right - 10} x2={188} y1={Math.max(104, cut.surface - 34)} y2={72} stroke={p.ink2} />
          <text x={194} y={78} fontSize={15} fill={p.ink2}>
            air
          </text>
          <text x={224} y={80} fontSize={25} fontWeight={600} fontFamily={SERIF} fill={p.ink}>
            {degrees(brief.airC, units)}
          </text>
          {brief.airBand && (
            <text x={224} y={104} fontSize={14} fill={p.ink2}>
              {between(brief.airC, brief.airBand, units)}
            </text>
          )}
        </>
      )}
      {brief.mediumC !== null && (
        <>
          <line x1={cut.right - 10} x2={188} y1={cut.surface + 36} y2={cut.surface + 36} stroke={p.ink2} />
          <text x={194} y={cut.surface + 42} fontSize={15} fill={p.ink2}>
            mix
          </text>
          <text x={224} y={cut.surface + 44} fontSize={25} fontWeight={600} fontFamily={SERIF} fill={p.ink}>
            {degrees(brief.mediumC, units)}
          </text>
          {brief.mediumBand && (
            <text x={224} y={cut.surface + 68} fontSize={14} fill={p.ink2}>
              {between(brief.mediumC, brief.mediumBand, units)}
            </text>
          )}
          {brief.mediumC < 0 && (
            <text x={194} y={cut.surface + 88} fontSize={14} fill={p.ink2}>
              ice in it
            </text>
          )}
        </>
      )}
    </svg>
  );
}
