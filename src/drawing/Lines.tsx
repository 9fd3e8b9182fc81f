import { memo } from "react";
import { boxOf } from "../../core/geometry/polygon.ts";
import { heightAt } from "../../core/geometry/profile.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { LengthSpans } from "../fields/Length.tsx";
import { ui } from "../words/en.ts";
import type { SurroundFrame, WallFrame } from "./layout.ts";

/** Where the field begins at x: over the base, or over the floor on a leg. */
function footAt({ measured, boundary }: WallPlan, x: number): number {
  const [from, to] = measured.baseSpan;
  return x >= from && x <= to ? heightAt(measured.base, x) : boxOf(boundary).minY;
}

/** Stretches of an upright line that run over tile: the openings are left out. In mm. */
export function uprightStretches(wall: WallPlan, x: number): [number, number][] {
  if (wall.boundary.length === 0) return [];
  const { maxY } = boxOf(wall.boundary);
  const gaps = wall.openings
    .map(({ ring }) => boxOf(ring))
    .filter((box) => box.minX < x && box.maxX > x)
    .map((box): [number, number] => [box.minY, box.maxY])
    .sort((p, q) => p[0] - q[0]);
  const stretches: [number, number][] = [];
  let from = footAt(wall, x);
  for (const [low, high] of gaps) {
    if (low > from) stretches.push([from, Math.min(low, maxY)]);
    from = Math.max(from, high);
  }
  if (from < maxY) stretches.push([from, maxY]);
  return stretches;
}

/** The wall's plumb centre line, with its distance from the left corner at the foot. */
export const CentreLine = memo(function CentreLine({
  wall,
  frame,
}: {
  wall: WallPlan;
  frame: WallFrame;
}) {
  const x = frame.x + wall.centre.x * frame.scale;
  return (
    <g
      transform={`translate(${x} 0)`}
      stroke="var(--chalk)"
      strokeWidth={1.25}
      strokeDasharray="10 3 2 3"
      pointerEvents="none"
    >
      {uprightStretches(wall, wall.centre.x).map(([from, to], k) => (
        <line
          // biome-ignore lint/suspicious/noArrayIndexKey: a dragged line keeps its elements
          key={k}
          y1={frame.y - from * frame.scale}
          y2={frame.y - to * frame.scale}
        />
      ))}
      <text
        y={frame.bottom + 60}
        textAnchor="middle"
        fontSize={12}
        stroke="none"
        fill="var(--chalk)"
      >
        {ui.drawing.centre} <LengthSpans mm={wall.centre.x} />
      </text>
    </g>
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
  const { levelY, firstY, frame, courses } = props;
  const [first] = frame.walls;
  const last = frame.walls[frame.walls.length - 1];
  if (!first || !last) return null;
  const from = first.left - 8;
  const to = last.right + 8;
  const level = first.y - levelY * frame.scale;
  const course = first.y - firstY * frame.scale;
  const below = firstY < levelY;
  return (
    <g pointerEvents="none" fontSize={12} fill="var(--chalk)">
      <line
        x1={from}
        x2={to}
        y1={level}
        y2={level}
        stroke="var(--chalk)"
        strokeWidth={1.5}
        strokeDasharray="14 4 3 4"
      />
      <text x={to + 2} y={level + 14}>
        <tspan fontWeight={600}>{ui.drawing.level}</tspan>
        <tspan x={to + 2} dy={14}>
          ↑ <LengthSpans mm={levelY} />
        </tspan>
      </text>
      {courses && (
        <g transform={`translate(0 ${course})`}>
          <line x1={from} x2={to} stroke="var(--chalk)" strokeWidth={1.25} />
          <text x={to + 2} y={14}>
            <tspan fontWeight={600}>{ui.drawing.firstCourse.split(" ")[0]}</tspan>
            <tspan x={to + 2} dy={14}>
              {below ? "↓ " : "↑ "}
              <LengthSpans mm={Math.abs(levelY - firstY)} />
            </tspan>
          </text>
        </g>
      )}
    </g>
  );
});

/** The top edge of a ledger that course 2 stands on. */
export function LedgerLine({ wall, frame }: { wall: WallPlan; frame: WallFrame }) {
  const line = wall.lines.find(({ kind }) => kind === "ledger");
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
}

/** Control lines: those that a herringbone's corners touch, with their distance from the corner. */
export function ControlLines({ wall, frame }: { wall: WallPlan; frame: WallFrame }) {
  const toX = (mm: number) => frame.x + mm * frame.scale;
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const lines = wall.lines.filter(({ kind }) => kind === "control");
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
          fontSize={11.5}
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
}
