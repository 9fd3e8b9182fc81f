import type { Plan } from "../../core/plan.ts";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import type { Part } from "../parts/part.ts";
import type { WallFrame } from "./layout.ts";

interface OnWall {
  wall: WallPlan;
  frame: WallFrame;
}

/** A wall before tile, with the plan that its marks are drawn from. */
export interface OnBareWall extends OnWall {
  plan: Plan;
}

/** Marks over a wall's tiles: they know the wall alone, so that a drag draws only what moves. */
export type TileMarks = Part<OnWall & { rule: SliverRule }>;

/** Marks on a wall before tile, from the whole plan. */
export type BareMarks = Part<OnBareWall>;

/**
 * What a stage draws on each wall: over its tiles, over them from the whole plan once they are laid
 * (where they were measured they stand as they were set), or before tile.
 */
export type StageMarks =
  | { on: "tile"; part: TileMarks }
  | { on: "laid"; part: BareMarks }
  | { on: "bare"; part: BareMarks };
