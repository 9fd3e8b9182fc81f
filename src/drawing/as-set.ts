import type { Plan } from "../../core/plan.ts";
import { wallAsSet } from "../../core/set/as-set.ts";
import type { Correction } from "../../core/set/correction.ts";
import type { WallPlan } from "../../core/wall-plan.ts";

/** A wall's tile is moved once for what was measured of it, whoever draws it. */
const made = new WeakMap<Correction, { from: WallPlan; wall: WallPlan }>();

/** A wall with its courses where they stand; the wall itself where none was measured. */
export function standing(wall: WallPlan, { corrections }: Pick<Plan, "corrections">): WallPlan {
  const correction = corrections.find((own) => own.wall === wall.id);
  if (!correction) return wall;
  const known = made.get(correction);
  if (known?.from === wall) return known.wall;
  const moved = wallAsSet(wall, correction);
  made.set(correction, { from: wall, wall: moved });
  return moved;
}
