import type { CutFlag } from "../../core/cut/sides.ts";
import type { WallFigureCode } from "../../core/figure.ts";
import type { PassingTiles, Plan } from "../../core/plan.ts";
import { courseTops } from "../../core/set-out/courses.ts";
import type { WallPlan } from "../../core/wall-plan.ts";
import { type TilePaths, tilePaths } from "../paths/tile-paths.ts";

/** What can be taken hold of on a wall. */
export type Items = Pick<WallPlan, "openings" | "fixtures" | "shelves" | "zones">;

/** What mostly stays while a pattern is dragged. */
type Steady = Items & Pick<WallPlan, "boundary" | "trimRuns">;

/** A wall as it is drawn and tallied while something is dragged over it. */
export interface PassingWall extends Steady, Pick<WallPlan, "id" | "centre" | "lines"> {
  paths: TilePaths;
  tops: { number: number; at: number }[];
  /** The cut flags without the rows that they open to. */
  flags: CutFlag[];
  /** Figures without their sums. */
  values: Record<WallFigureCode, number>;
}

/** What follows the finger of a plan; all else stays as it was until the finger is lifted. */
export interface PassingPlan {
  /** Height of the first-course line, mm. */
  firstY: number;
  totals: Plan["totals"];
  walls: Record<string, PassingWall>;
}

/** What the worker sends of it: only walls that look different, without what stays in its place. */
export interface PassingAnswer extends Omit<PassingPlan, "walls"> {
  walls: (Omit<PassingWall, keyof Steady> & { steady?: Steady })[];
}

/** What the page was told: the last whole plan, and the walls that were sent since then. */
export interface Told {
  plan: Plan | undefined;
  walls: Map<string, WallPlan>;
}

/** Makes the answer for a plan under the finger, and notes in `told` what the page then knows. */
export function passingAnswer(plan: PassingTiles, told: Told): PassingAnswer {
  // A wall that is not planned anew is the very same.
  const changed = plan.walls.filter((wall) => told.walls.get(wall.id) !== wall);
  for (const wall of changed) told.walls.set(wall.id, wall);
  const walls = changed.map((wall) => passingWall(wall, plan, told.plan));
  return { firstY: plan.first.y, totals: plan.totals, walls };
}

function passingWall(
  wall: WallPlan,
  { sliver }: PassingTiles,
  known: Plan | undefined,
): PassingAnswer["walls"][number] {
  const { id, centre, lines, figures } = wall;
  const steady = steadyOf(wall);
  const before = known?.walls.find((candidate) => candidate.id === id);
  return {
    id,
    centre,
    lines,
    paths: tilePaths(wall, sliver),
    tops: courseTops(wall).map(({ number, at }) => ({ number, at })),
    flags: wall.flags.map((flag) => ({ ...flag, rows: [] })),
    values: Object.fromEntries(
      Object.values(figures).map(({ code, value }) => [code, value]),
    ) as PassingWall["values"],
    ...(before && JSON.stringify(steadyOf(before)) === JSON.stringify(steady) ? {} : { steady }),
  };
}

function steadyOf({ boundary, openings, fixtures, shelves, zones, trimRuns }: Steady): Steady {
  return { boundary, openings, fixtures, shelves, zones, trimRuns };
}

const NOTHING: Steady = {
  boundary: [],
  openings: [],
  fixtures: [],
  shelves: [],
  zones: [],
  trimRuns: [],
};

/**
 * What passes, whole again: walls that were not sent are those of `last`, and what stays in its
 * place is that of the plan, the very same objects, so that nothing of it is drawn again.
 */
export function passingFrom(
  { walls, ...answer }: PassingAnswer,
  plan: Plan,
  last: PassingPlan | undefined,
): PassingPlan {
  const whole = walls.map(({ steady, ...wall }) => {
    const stayed = plan.walls.find(({ id }) => id === wall.id);
    return [wall.id, { ...wall, ...steadyOf(steady ?? stayed ?? NOTHING) }];
  });
  return { ...answer, walls: { ...last?.walls, ...Object.fromEntries(whole) } };
}
