import { memo } from "react";
import type { WallPlan } from "../../core/wall-plan.ts";
import { Length, LengthSpans } from "../fields/Length.tsx";
import { useFollowed, useFollowedParts, usePassing } from "../state/passing.ts";
import { ui } from "../words/ui.ts";
import type { SurroundFrame, WallFrame } from "./layout.ts";
import { uprightStretches } from "./upright.ts";

interface LineProps {
  wall: WallPlan;
  frame: WallFrame;
}

/** The wall's plumb centre line, with its distance from the left corner at the foot. */
export const CentreLine = memo(function CentreLine({ wall, frame }: LineProps) {
  const { boundary, openings, x } = useFollowedParts(wall, (shown) => ({
    boundary: shown.boundary,
    openings: shown.openings,
    x: shown.centre.x,
  }));
  const stretches = uprightStretches({ measured: wall.measured, boundary, openings }, x);
  return (
    <g
      transform={`translate(${frame.x + x * frame.scale} 0)`}
      stroke="var(--chalk)"
      strokeWidth={1.25}
      strokeDasharray="10 3 2 3"
      pointerEvents="none"
    >
      {stretches.map(([from, to], k) => (
        <line
          // biome-ignore lint/suspicious/noArrayIndexKey: a dragged line keeps its elements
          key={k}
          y1={frame.y - from * frame.scale}
          y2={frame.y - to * frame.scale}
        />
      ))}
    </g>
  );
});

/** What is written under a centre line: its distance from the left corner. */
export const CentreLabel = memo(function CentreLabel(
  props: LineProps & {
    /** How far below the wall it stands, px. */
    below: number;
  },
) {
  const { wall, frame, below } = props;
  const x = useFollowed(({ walls }) => walls[wall.id]?.centre.x, wall.centre.x);
  const at = `translate(${frame.x + x * frame.scale}px, ${frame.bottom + below}px)`;
  return (
    <span className="line-label -left-20 w-40 text-center" style={{ transform: at }}>
      {ui.drawing.centre} <Length mm={x} unit={false} />
    </span>
  );
});

interface LevelLinesProps {
  /** Heights of the two lines above the low point, mm. */
  levelY: number;
  firstY: number;
  frame: SurroundFrame;
  /** Draw the first-course line as well. */
  courses: boolean;
}

/** The level line and the first-course line through all walls, named at the right end. */
export const LevelLines = memo(function LevelLines(props: LevelLinesProps) {
  const { levelY, frame, courses } = props;
  const firstY = useFollowed((passing) => passing.firstY, props.firstY);
  const [first] = frame.walls;
  const last = frame.walls[frame.walls.length - 1];
  if (!first || !last) return null;
  const from = first.left - 8;
  const to = last.right + 8;
  const level = first.y - levelY * frame.scale;
  const course = first.y - firstY * frame.scale;
  return (
    <g pointerEvents="none" className="condensed" fontSize="1rem" fill="var(--chalk)">
      <line
        x1={from}
        x2={to}
        y1={level}
        y2={level}
        stroke="var(--chalk)"
        strokeWidth={1.5}
        strokeDasharray="14 4 3 4"
      />
      <text x={to + 2} y={level + 16}>
        <tspan fontWeight={600}>{ui.drawing.level}</tspan>
        <tspan x={to + 2} dy="1.1rem">
          ↑ <LengthSpans mm={levelY} />
        </tspan>
      </text>
      {courses && (
        <line
          transform={`translate(0 ${course})`}
          x1={from}
          x2={to}
          stroke="var(--chalk)"
          strokeWidth={1.25}
        />
      )}
    </g>
  );
});

/** How high the names of the two lines are with their lengths, on screen. */
const NAME_HEIGHT = 38;

/** Under its line, unless the level line's name is there: then under that, or over its own line. */
function labelTop(course: number, level: number): number {
  if (Math.abs(course - level) >= NAME_HEIGHT) return course + 2;
  return course >= level ? level + NAME_HEIGHT + 2 : course - NAME_HEIGHT - 2;
}

/** The name of the first-course line at its right end, and how far it is from the level line. */
export const FirstCourseLabel = memo(function FirstCourseLabel(
  props: Omit<LevelLinesProps, "courses">,
) {
  const { levelY, frame } = props;
  const firstY = useFollowed((passing) => passing.firstY, props.firstY);
  const [first] = frame.walls;
  const last = frame.walls[frame.walls.length - 1];
  if (!first || !last) return null;
  const [level, course] = [levelY, firstY].map((height) => first.y - height * frame.scale);
  const at = `translate(${last.right + 10}px, ${labelTop(course as number, level as number)}px)`;
  return (
    <span className="line-label w-24" style={{ transform: at }}>
      <b className="block font-semibold">{ui.drawing.firstCourse.split(" ")[0]}</b>
      {firstY < levelY ? "↓ " : "↑ "}
      <Length mm={Math.abs(levelY - firstY)} unit={false} />
    </span>
  );
});

/** The top edge of a ledger that course 2 stands on. */
export const LedgerLine = memo(function LedgerLine({ wall, frame }: LineProps) {
  const { lines } = usePassing(wall.id) ?? wall;
  const line = lines.find(({ kind }) => kind === "ledger");
  if (!line) return null;
  const y = frame.y - line.from[1] * frame.scale;
  const [x1, x2] = [line.from, line.to].map(([x]) => frame.x + x * frame.scale);
  return (
    <g data-ledger="">
      <rect
        x={x1}
        y={y}
        width={(x2 ?? 0) - (x1 ?? 0)}
        height={7}
        fill="var(--stud)"
        stroke="var(--color-base-content)"
      />
      <title>{ui.drawing.ledger}</title>
    </g>
  );
});

/** Control lines: those that a herringbone's corners touch, with their distance from the corner. */
export const ControlLines = memo(function ControlLines({ wall, frame }: LineProps) {
  const shown = usePassing(wall.id) ?? wall;
  const toX = (mm: number) => frame.x + mm * frame.scale;
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const lines = shown.lines.filter(({ kind }) => kind === "control");
  if (lines.length === 0) return null;
  return (
    <g data-control={lines.length} stroke="var(--chalk)" strokeWidth={1.5} strokeDasharray="2 4">
      {lines.map(({ id, from, to }) => (
        <line key={id} x1={toX(from[0])} y1={toY(from[1])} x2={toX(to[0])} y2={toY(to[1])}>
          <title>{ui.drawing.control}</title>
        </line>
      ))}
      {lines.map(({ id, from, to }, k) => (
        <text
          key={id}
          x={toX(to[0]) + (k === 0 ? -3 : 3)}
          y={toY(to[1]) + 14}
          textAnchor={k === 0 ? "end" : "start"}
          fontSize="0.9375rem"
          fill="var(--chalk)"
          stroke="var(--tile)"
          strokeWidth={3}
          paintOrder="stroke"
          strokeDasharray="none"
        >
          <LengthSpans mm={from[0]} />
        </text>
      ))}
    </g>
  );
});
