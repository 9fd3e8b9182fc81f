import { memo } from "react";
import { LengthSpans } from "../fields/Length.tsx";
import { ui } from "../words/en.ts";
import type { WallFrame } from "./layout.ts";

/** Course labels nearer than this would run into each other, px. */
const LABEL_ROOM = 16;

interface PoleProps {
  /** Height of the level line, mm. */
  levelY: number;
  /** Where the field ends, and the tile as it is laid with its joint, mm. */
  footY: number;
  topY: number;
  module: number;
  /** Course tops, from the lowest. */
  tops: { number: number; at: number }[];
  frame: WallFrame;
  x: number;
  /** Write the heights from the level line beside it. */
  heights: boolean;
}

/** The story pole beside the first wall: course tops with their heights from the level line. */
export const Pole = memo(function Pole(props: PoleProps) {
  const { levelY, footY, topY, module, tops, frame, x, heights } = props;
  const every = Math.max(1, Math.ceil(LABEL_ROOM / (module * frame.scale)));
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const foot = toY(Math.max(0, footY));
  return (
    <g aria-label={ui.drawing.pole} fontSize={11.5} fill="var(--color-base-content)">
      <rect
        x={x}
        y={toY(topY)}
        width={18}
        height={Math.max(0, foot - toY(topY))}
        fill="var(--color-base-100)"
        stroke="var(--color-base-content)"
        strokeWidth={1}
      />
      {tops
        .filter((_, k) => k % every === 0)
        .map(({ number: course, at: y }) => (
          <g key={course}>
            <line x1={x} x2={x + 18} y1={toY(y)} y2={toY(y)} stroke="var(--color-base-content)" />
            <text x={x + 9} y={toY(y - module / 2) + 4} textAnchor="middle">
              {course}
            </text>
            {heights && (
              <text x={x - 4} y={toY(y) + 4} textAnchor="end">
                {y > levelY ? "+" : ""}
                <LengthSpans mm={y - levelY} />
              </text>
            )}
          </g>
        ))}
    </g>
  );
});
