import { boxOf } from "../geometry/polygon.ts";
import { LEAST_PIECE, SAME_SUM } from "../limits.ts";
import type { WallPlan } from "../wall-plan.ts";

/**
 * How far below the full-tile mark the first-course line goes so that a course ends at a height
 * that matters (a sill, a counter, an existing line), mm. `markY` is the mark of a full tile held
 * at the low point. The lines stay at or below the mark.
 */
export function dropForHeight(
  { cell }: Pick<WallPlan, "cell">,
  markY: number,
  height: number,
): number {
  const module = cell.height + cell.joint;
  return (((markY - height) % module) + module) % module;
}

/**
 * How far below the mark the first-course line goes so that the first and the last course of a
 * wall are cut alike: two cuts, whole courses between them and the joints make the field's height.
 * The cuts are as large as they can be. Above a band courses begin at its top: the first course is
 * cut as the last one there is. None for bonds without courses.
 */
export function balancedDrop(
  { cell, boundary, zones }: Pick<WallPlan, "cell" | "boundary" | "zones">,
  markY: number,
): number | undefined {
  if (!cell.straight || boundary.length === 0) return undefined;
  const field = boxOf(boundary);
  const bands = zones.filter(({ zone }) => zone.kind === "band").map(({ ring }) => boxOf(ring));
  const module = cell.height + cell.joint;
  const minY = field.minY;
  // A band that reaches the top is the field's end.
  const maxY = Math.min(
    field.maxY,
    ...bands.filter((band) => band.maxY > field.maxY - LEAST_PIECE).map((band) => band.minY),
  );
  const tops = bands.map((band) => band.maxY).filter((top) => top <= maxY);
  if (tops.length > 0) {
    const last = (maxY - Math.max(...tops)) % module;
    // A last course that ends whole, or in its joint, wants a whole first one.
    const cut = last < LEAST_PIECE ? cell.height : Math.min(last, cell.height);
    return dropForHeight({ cell }, markY, minY + cut);
  }
  const height = maxY - minY;
  const whole = Math.max(0, Math.ceil((height - cell.joint - 2 * cell.height) / module - SAME_SUM));
  const cut = (height - cell.joint - whole * module) / 2;
  return dropForHeight({ cell }, markY, minY + cut);
}
