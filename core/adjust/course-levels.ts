import { courseTops } from "../set-out/courses.ts";
import type { WallPlan } from "../wall-plan.ts";

/** Tops of a wall's courses as they are read: above the level line, mm. */
export function levelTops(
  wall: Pick<WallPlan, "areas">,
  levelY: number,
): { number: number; level: number }[] {
  return courseTops(wall).map(({ number, at }) => ({ number, level: at - levelY }));
}
