import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { type TilePaths, tilePaths } from "../paths/tile-paths.ts";
import { usePassing } from "../state/passing.ts";

/** A planned wall never changes: its paths are made once, whoever draws them. */
const made = new WeakMap<WallPlan, { sliver: SliverRule; paths: TilePaths }>();

/** The tiles of a wall as paths: those under the dragging finger, else those of the plan. */
export function useTilePaths(wall: WallPlan, sliver: SliverRule): TilePaths {
  const passing = usePassing(wall.id);
  return passing?.paths ?? settledPaths(wall, sliver);
}

/** The paths of a wall as it was planned. */
export function settledPaths(wall: WallPlan, sliver: SliverRule): TilePaths {
  const known = made.get(wall);
  if (known?.sliver === sliver) return known.paths;
  const paths = tilePaths(wall, sliver);
  made.set(wall, { sliver, paths });
  return paths;
}
