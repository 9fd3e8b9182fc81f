import { boxOf } from "../../core/geometry/polygon.ts";
import { heightAt } from "../../core/geometry/profile.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

type Upright = Pick<WallPlan, "measured" | "boundary" | "openings">;

/** Where the field begins at x: over the base, or over the floor on a leg. */
function footAt({ measured, boundary }: Upright, x: number): number {
  const [from, to] = measured.baseSpan;
  return x >= from && x <= to ? heightAt(measured.base, x) : boxOf(boundary).minY;
}

/** Stretches of an upright line that run over tile: the openings are left out. In mm. */
export function uprightStretches(wall: Upright, x: number): [number, number][] {
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
