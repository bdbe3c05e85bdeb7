import type { ReactNode } from "react";
import { useDevice } from "../look/DeviceContext";
import { Gridlines } from "./Gridlines";
import { linear } from "./scale";

const [HEIGHT, LEFT, TOP, BOTTOM] = [220, 52, 16, 42];

const SHARES = [0, 0.25, 0.5, 0.75, 1];

interface ShareFrameProps {
  width: number;
  /** Room at the right end. */
  right: number;
  /** Least and most along the bottom. */
  from: number;
  to: number;
  /** Names along the bottom. */
  marks: { at: number; label: number }[];
  /** What stands along the bottom, with its unit. */
  caption: string;
  says: string;
  testId: string;
  children: (frame: {
    x: (value: number) => number;
    y: (share: number) => number;
    left: number;
    bottom: number;
  }) => ReactNode;
}

/** A share from nought to all against something measured: the ground of a drawing, with its scales. */
export function ShareFrame(props: ShareFrameProps) {
  const { width, right, from, to, marks, caption, says, testId, children } = props;
  const { palette: p } = useDevice();
  const [end, bottom] = [width - right, HEIGHT - BOTTOM];
  const x = linear(from, to, LEFT, end);
  const y = linear(0, 1, bottom, TOP);
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      width="100%"
      style={{ display: "block", maxWidth: 720 }}
      role="img"
      aria-label={says}
      data-testid={testId}
    >
      <Gridlines
        marks={SHARES.map((share) => ({ y: y(share), label: `${share * 100} %` }))}
        from={LEFT}
        to={end}
      />
      {marks.map(({ at, label }) => (
        <text key={label} x={x(at)} y={bottom + 17} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
          {label}
        </text>
      ))}
      <text x={(LEFT + end) / 2} y={HEIGHT - 6} fontSize={12.5} textAnchor="middle" fill={p.ink2}>
        {caption}
      </text>
      {children({ x, y, left: LEFT, bottom })}
    </svg>
  );
}
