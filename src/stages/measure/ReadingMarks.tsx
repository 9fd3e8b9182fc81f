import { heightAt } from "../../../core/geometry/profile.ts";
import { exaggeratedRegion } from "../../../core/measure/outline.ts";
import { positionAlong } from "../../../core/measure/shape.ts";
import type { Plan } from "../../../core/plan.ts";
import type { WallPlan } from "../../../core/wall-plan.ts";
import type { WallFrame } from "../../drawing/layout.ts";
import { LengthSpans } from "../../fields/Length.tsx";
import { ringPath } from "../../paths/paths.ts";
import { useView } from "../../state/view-store.ts";

interface ReadingMarksProps {
  plan: Plan;
  wall: WallPlan;
  frame: WallFrame;
}

/** A wall's readings on the drawing: from the level line down to the base and up to the top. */
export function ReadingMarks({ plan, wall, frame }: ReadingMarksProps) {
  const exaggerate = useView((state) => state.exaggerate);
  const { measured } = wall;
  const toX = (mm: number) => frame.x + mm * frame.scale;
  const toY = (mm: number) => frame.y - mm * frame.scale;
  const down = measured.wall.base.map((reading) => {
    const x = positionAlong(measured.wall, reading);
    return {
      key: `down-${x}`,
      x,
      from: plan.levelY,
      to: heightAt(measured.base, x),
      mm: reading.down,
    };
  });
  const up = measured.wall.top.map((reading) => {
    const x = positionAlong(measured.wall, reading);
    return { key: `up-${x}`, x, from: plan.levelY, to: heightAt(measured.top, x), mm: reading.up };
  });
  return (
    <g pointerEvents="none">
      {exaggerate > 1 && (
        <path
          d={ringPath(exaggeratedRegion(measured, exaggerate))}
          transform={`translate(${frame.x} ${frame.y}) scale(${frame.scale})`}
          fill="none"
          stroke="var(--crayon)"
          strokeWidth={2}
          strokeDasharray="7 4"
          vectorEffect="non-scaling-stroke"
        />
      )}
      {[...stepped(down, frame), ...stepped(up, frame)].map(({ key, x, from, to, mm, step }) => (
        <g key={key} stroke="var(--chalk)" strokeWidth={1.25}>
          <line x1={toX(x)} x2={toX(x)} y1={toY(from)} y2={toY(to)} />
          <line x1={toX(x) - 5} x2={toX(x) + 5} y1={toY(to)} y2={toY(to)} strokeWidth={2} />
          <text
            x={labelX(toX(x), frame)}
            y={(toY(from) + toY(to)) / 2 + step}
            textAnchor={toX(x) > (frame.left + frame.right) / 2 ? "end" : "start"}
            fontSize="0.8125rem"
            fontWeight={600}
            fill="var(--chalk)"
            paintOrder="stroke"
            stroke="var(--color-base-100)"
            strokeWidth={4}
          >
            <LengthSpans mm={mm} />
          </text>
        </g>
      ))}
      {plan.lowPoint.wall === wall.id && (
        <path
          d={`M${toX(plan.lowPoint.x)} ${toY(0) + 3}l-8 13h16z`}
          fill="var(--crayon)"
          data-low-point={wall.id}
        />
      )}
    </g>
  );
}

/** Labels of neighbours need so much width, or they stand in steps, px. */
const LABEL_ROOM = 62;
const LABEL_STEP = 16;

/** Readings with how far down each label stands: in turns where they have no room side by side. */
function stepped<T>(readings: T[], { left, right }: WallFrame): (T & { step: number })[] {
  const crowded = right - left < readings.length * LABEL_ROOM;
  return readings.map((reading, k) => ({
    ...reading,
    step: crowded ? (k % 2) * LABEL_STEP : 0,
  }));
}

/** Labels stand on the inner side of their line. */
function labelX(x: number, { left, right }: WallFrame): number {
  return x > (left + right) / 2 ? x - 6 : x + 6;
}
