import type { ComponentType } from "react";
import type { Plan } from "../../core/plan.ts";
import type { SliverRule } from "../../core/set-out/slivers.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import type { WallFrame } from "./layout.ts";

interface OnWall {
  wall: WallPlan;
  frame: WallFrame;
}

/** Marks over a wall's tiles: they know the wall alone, so that a drag draws only what moves. */
export type TileMarks = ComponentType<OnWall & { rule: SliverRule }>;

/** Marks on a wall before tile, from the whole plan. */
export type BareMarks = ComponentType<OnWall & { plan: Plan }>;

/** What a stage draws on each wall. */
export type StageMarks = { on: "tile"; Marks: TileMarks } | { on: "bare"; Marks: BareMarks };
