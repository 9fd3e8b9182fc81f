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

/**
 * The story pole beside the first wall: course tops with their heights from the level line. Ticks
 * are drawn from the lowest course top: a drag moves them together.
 */
export const Pole = memo(function Pole(props: PoleProps) {
  const { levelY, footY, topY, module, tops, frame, x, heights } = props;
  const every = Math.max(1, Math.ceil(LABEL_ROOM / (module * frame.scale)));
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const foot = toY(Math.max(0, footY));
  const shown = tops.filter((_, k) => k % every === 0);
  const lowest = shown[0]?.at ?? 0;
  const rises = shown.map(({ at }) => ((at - lowest) * frame.scale).toFixed(2)).join(" ");
  const numbers = shown.map(({ number }) => number).join(" ");
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
      <g transform={`translate(${x} ${toY(lowest)})`}>
        <Ticks rises={rises} numbers={numbers} half={(module / 2) * frame.scale} />
        {heights &&
          shown.map(({ number: course, at }) => (
            <text key={course} x={-4} y={4 - (at - lowest) * frame.scale} textAnchor="end">
              {at > levelY ? "+" : ""}
              <LengthSpans mm={at - levelY} />
            </text>
          ))}
      </g>
    </g>
  );
});

interface TicksProps {
  /** Course tops above the lowest, px, as one text: it stays the same while the pole is dragged. */
  rises: string;
  /** The courses' numbers, as one text for the same reason. */
  numbers: string;
  /** Half a course, px. */
  half: number;
}

const Ticks = memo(function Ticks({ rises, numbers, half }: TicksProps) {
  const courses = numbers.split(" ");
  return rises.split(" ").map((rise, k) => (
    <g key={rise}>
      <line x1={0} x2={18} y1={-rise} y2={-rise} stroke="var(--color-base-content)" />
      <text x={9} y={half + 4 - Number(rise)} textAnchor="middle">
        {courses[k]}
      </text>
    </g>
  ));
});
