import { boxOf } from "../geometry/polygon.ts";
import type { WallPlan } from "../wall-plan.ts";

/**
 * How far below the full-tile mark the first-course line goes so that a course ends at a height
 * that matters (a sill, a counter, an existing line), mm. `markY` is the mark of a full tile held
 * at the low point. The lines stay at or below the mark.
 */
export function dropForHeight({ cell }: WallPlan, markY: number, height: number): number {
  const module = cell.height + cell.joint;
  return (((markY - height) % module) + module) % module;
}

/**
 * How far below the mark the first-course line goes so that the first and the last course of a
 * wall are cut alike: two cuts, whole courses between them and the joints make the field's height.
 * The cuts are as large as they can be. None for bonds without courses.
 */
export function balancedDrop({ cell, boundary }: WallPlan, markY: number): number | undefined {
  if (!cell.straight || boundary.length === 0) return undefined;
  const { minY, maxY } = boxOf(boundary);
  const module = cell.height + cell.joint;
  const height = maxY - minY;
  const whole = Math.max(0, Math.ceil((height - cell.joint - 2 * cell.height) / module - 1e-9));
  const cut = (height - cell.joint - whole * module) / 2;
  return dropForHeight({ cell } as WallPlan, markY, minY + cut);
}
