import { memo } from "react";
import { boxOf } from "../../core/geometry/polygon.ts";
import { courseHeight, courseTops } from "../../core/set-out/courses.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { FollowingLength } from "../fields/FollowingLength.tsx";
import { usePassing } from "../state/passing.ts";
import { ui } from "../words/ui.ts";
import type { PassingWall } from "../workers/passing.ts";
import type { WallFrame } from "./layout.ts";

/** Course labels nearer than this would run into each other, px. */
const LABEL_ROOM = 20;

interface PoleProps {
  /** The wall whose courses it shows. */
  wall: WallPlan;
  frame: WallFrame;
  x: number;
}

/** Whether a wall has courses that a pole can show. */
export function hasPole({ cell, boundary }: WallPlan): boolean {
  return cell.courses.length > 0 && boundary.length > 0;
}

/** Which courses the pole names, and where, as texts and numbers that stay while it is dragged. */
function usePoleMarks({ wall, frame }: Pick<PoleProps, "wall" | "frame">) {
  const passing = usePassing(wall.id);
  const tops = passing?.tops ?? courseTops(wall);
  const { minY, maxY } = boxOf((passing ?? wall).boundary);
  const { cell } = wall;
  const least = Math.min(...cell.courses) + cell.joint;
  const every = Math.max(1, Math.ceil(LABEL_ROOM / (least * frame.scale)));
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const shown = tops.filter((_, k) => k % every === 0);
  const lowest = shown[0]?.at ?? 0;
  return {
    top: toY(maxY),
    // Beside a leg the pole goes down to its foot.
    foot: toY(Number.isFinite(minY) ? minY : 0),
    lowest: toY(lowest),
    halves: shown
      .map(({ number }) => ((courseHeight(cell, number) + cell.joint) / 2) * frame.scale)
      .join(" "),
    rises: shown.map(({ at }) => ((at - lowest) * frame.scale).toFixed(2)).join(" "),
    courses: shown.map(({ number }) => number).join(" "),
  };
}

/**
 * The story pole beside the first wall: course tops and the courses' numbers. Ticks are drawn from
 * the lowest course top: a drag moves them together.
 */
export const Pole = memo(function Pole({ wall, frame, x }: PoleProps) {
  const { top, foot, lowest, halves, rises, courses } = usePoleMarks({ wall, frame });
  return (
    <g aria-label={ui.drawing.pole} fontSize="0.875rem" fill="var(--color-base-content)">
      <rect
        x={x}
        y={top}
        width={22}
        height={Math.max(0, foot - top)}
        fill="var(--color-base-100)"
        stroke="var(--color-base-content)"
        strokeWidth={1}
      />
      <g transform={`translate(${x} ${lowest})`}>
        <Ticks
          rises={rises}
          courses={courses}
          halves={halves}
          first={((foot - lowest) / 2).toFixed(1)}
        />
      </g>
    </g>
  );
});

interface TicksProps {
  /** Course tops above the lowest, px. */
  rises: string;
  /** The courses' numbers. */
  courses: string;
  /** Half of each course, px. */
  halves: string;
  /** Half of what shows of the lowest one, which may be cut. */
  first: string;
}

const Ticks = memo(function Ticks({ rises, courses, halves, first }: TicksProps) {
  const numbers = courses.split(" ");
  const below = halves
    .split(" ")
    .map((half, k) => (k === 0 ? Math.min(Number(half), Number(first)) : Number(half)));
  return rises.split(" ").map((rise, k) => (
    <g key={rise}>
      <line x1={0} x2={22} y1={-rise} y2={-rise} stroke="var(--color-base-content)" />
      <text x={11} y={(below[k] ?? 0) + 5 - Number(rise)} textAnchor="middle">
        {numbers[k]}
      </text>
    </g>
  ));
});

/** The heights of the pole's courses from the level line, over the drawing. */
export const PoleHeights = memo(function PoleHeights(props: PoleProps & { levelY: number }) {
  const { levelY, wall, frame, x } = props;
  const { lowest, rises, courses } = usePoleMarks({ wall, frame });
  return (
    <div
      className="absolute top-0 left-0"
      style={{ transform: `translate(${x - 4}px, ${lowest}px)` }}
    >
      <Heights levelY={levelY} wall={wall} rises={rises} courses={courses} />
    </div>
  );
});

interface HeightsProps extends Pick<TicksProps, "rises" | "courses"> {
  levelY: number;
  wall: WallPlan;
}

const Heights = memo(function Heights({ levelY, wall, rises, courses }: HeightsProps) {
  const numbers = courses.split(" ");
  return rises
    .split(" ")
    .map((rise, k) => (
      <Height
        key={rise}
        levelY={levelY}
        wall={wall}
        rise={Number(rise)}
        course={Number(numbers[k])}
      />
    ));
});

interface HeightProps {
  levelY: number;
  wall: WallPlan;
  /** Above the lowest course top, px. */
  rise: number;
  course: number;
}

function Height({ levelY, wall, rise, course }: HeightProps) {
  const heightIn = (tops: PassingWall["tops"] | undefined) => {
    const top = tops?.find(({ number }) => number === course);
    return top && top.at - levelY;
  };
  return (
    <span className="pole-height" style={{ top: -rise }}>
      <FollowingLength
        mm={heightIn(courseTops(wall)) ?? 0}
        follow={({ walls }) => heightIn(walls[wall.id]?.tops)}
        signed
      />
    </span>
  );
}
