import { memo } from "react";
import { boxOf } from "../../core/geometry/polygon.ts";
import { courseTops } from "../../core/set-out/story-pole.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { usePassing } from "../state/job-store.ts";
import { ui } from "../words/en.ts";
import type { WallFrame } from "./layout.ts";

/** Course labels nearer than this would run into each other, px. */
const LABEL_ROOM = 16;

interface PoleProps {
  /** Height of the level line, mm. */
  levelY: number;
  /** The wall whose courses it shows. */
  wall: WallPlan;
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
  const { levelY, wall, frame, x, heights } = props;
  const passing = usePassing(wall.id);
  const tops = passing?.tops ?? courseTops(wall);
  const { minY, maxY } = boxOf((passing ?? wall).boundary);
  const module = wall.cell.height + wall.cell.joint;
  const every = Math.max(1, Math.ceil(LABEL_ROOM / (module * frame.scale)));
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const foot = toY(Math.max(0, minY));
  const shown = tops.filter((_, k) => k % every === 0);
  const lowest = shown[0]?.at ?? 0;
  const rises = shown.map(({ at }) => ((at - lowest) * frame.scale).toFixed(2)).join(" ");
  const numbers = shown.map(({ number }) => number).join(" ");
  return (
    <g aria-label={ui.drawing.pole} fontSize={11.5} fill="var(--color-base-content)">
      <rect
        x={x}
        y={toY(maxY)}
        width={18}
        height={Math.max(0, foot - toY(maxY))}
        fill="var(--color-base-100)"
        stroke="var(--color-base-content)"
        strokeWidth={1}
      />
      <g transform={`translate(${x} ${toY(lowest)})`}>
        <Ticks
          rises={rises}
          numbers={numbers}
          half={(module / 2) * frame.scale}
          first={Math.min((module / 2) * frame.scale, (foot - toY(lowest)) / 2).toFixed(2)}
        />
        {heights &&
          shown.map(({ number: course, at }) => (
            <text
              key={course}
              x={-4}
              y={(4 - (at - lowest) * frame.scale).toFixed(2)}
              textAnchor="end"
            >
              <LengthSpans mm={at - levelY} signed />
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
  /** The same of the lowest one, which may be cut; as a text. */
  first: string;
}

const Ticks = memo(function Ticks({ rises, numbers, half, first }: TicksProps) {
  const courses = numbers.split(" ");
  return rises.split(" ").map((rise, k) => (
    <g key={rise}>
      <line x1={0} x2={18} y1={-rise} y2={-rise} stroke="var(--color-base-content)" />
      <text x={9} y={(k === 0 ? Number(first) : half) + 4 - Number(rise)} textAnchor="middle">
        {courses[k]}
      </text>
    </g>
  ));
});
