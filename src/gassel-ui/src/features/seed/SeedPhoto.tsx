import { useEffect, useRef } from "react";
import { light as palette } from "../../look/palette";
import type { SeedPhotoView } from "../../api/types";
import type { SeedMark } from "./seedMarks";

interface SeedPhotoProps {
  picture: Blob;
  view: SeedPhotoView;
  marks: SeedMark[];
  /** A tap, in pixels of the picture, and so near a tap is meant for a mark. */
  tap: (x: number, y: number, reach: number) => void;
}

/** The paper in the photo is white in the dark theme too. */
const { slate, alarm, ochre } = palette;

/** As a share of the picture's width; a thumb is no needle. */
const REACH = 0.02;

/** The photo with a mark on each seed; a tap takes a mark away or puts one. */
export function SeedPhoto({ picture, view, marks, tap }: SeedPhotoProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  // a picture drawn here needs no address of its own, which the page would not let in
  useEffect(() => {
    let isOver = false;
    void createImageBitmap(picture).then((bitmap) => {
      if (!isOver) canvas.current?.getContext("2d")?.drawImage(bitmap, 0, 0, view.width, view.height);
    });
    return () => {
      isOver = true;
    };
  }, [picture, view]);
  const reach = view.width * REACH;
  const card = view.seen.card ?? [];
  const corners = card.flatMap((x, i) => (i % 2 === 0 ? [`${x},${card[i + 1]}`] : []));
  return (
    <div style={{ position: "relative", lineHeight: 0 }}>
      <canvas ref={canvas} width={view.width} height={view.height} style={{ width: "100%" }} />
      <svg
        viewBox={`0 0 ${view.width} ${view.height}`}
        style={{ position: "absolute", inset: 0, width: "100%", height: "100%", cursor: "crosshair" }}
        role="img"
        aria-label={`photo of seed, ${marks.length} marks; a tap takes a mark away or puts one`}
        data-testid="seed-photo"
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          tap(
            ((event.clientX - box.left) / box.width) * view.width,
            ((event.clientY - box.top) / box.height) * view.height,
            reach,
          );
        }}
      >
        {corners.length > 0 && (
          <polygon points={corners.join(" ")} fill="none" stroke={slate} strokeWidth={reach / 6} />
        )}
        {marks.map((mark) => (
          <g key={`${mark.x}/${mark.y}`}>
            <circle
              cx={mark.x}
              cy={mark.y}
              r={reach / 2}
              fill="none"
              stroke={mark.seeds > 1 ? alarm : ochre}
              strokeDasharray={mark.isOwn ? `${reach / 4}` : undefined}
              strokeWidth={reach / 6}
            />
            {mark.seeds > 1 && (
              <text
                x={mark.x}
                y={mark.y - reach * 0.7}
                fontSize={reach * 1.1}
                textAnchor="middle"
                fontWeight={700}
                fill={alarm}
              >
                {mark.seeds}
              </text>
            )}
          </g>
        ))}
      </svg>
    </div>
  );
}
