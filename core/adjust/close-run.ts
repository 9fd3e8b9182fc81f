import { boxOf } from "../geometry/polygon.ts";
import { LEAST_JOINT, SAME_MM } from "../limits.ts";
import type { WallPlan } from "../wall-plan.ts";

/** How a run of tile across or up a wall ends, and what joint would end it with a whole tile. */
export interface ClosedRun {
  axis: "across" | "up";
  /** The run, from edge to edge of the field, mm. */
  length: number;
  /** Whole tiles in it and what is left beside them and their joints, mm. */
  tiles: number;
  rest: number;
  /** With one tile more and a narrower joint, with as many and a wider one; none when negative. */
  options: { tiles: number; joint: number; within: boolean }[];
}

/** A joint may be this much off what was chosen and still look the same: half again, a third less. */
const LIMITS = { least: 2 / 3, most: 3 / 2 };

/** Joints wider than this many times the chosen one are not told. */
const WORTH_TELLING = 4;

/**
 * Whether the joint can be widened or narrowed so that a run ends with a full tile, at the base or
 * in the corner: n tiles and n − 1 joints make the run. Empty for bonds without courses.
 */
export function closeRuns(wall: WallPlan): ClosedRun[] {
  const { cell, boundary } = wall;
  if (!cell.straight || boundary.length === 0) return [];
  const { minX, minY, maxX, maxY } = boxOf(boundary);
  return [
    runOf("across", maxX - minX, cell.width, cell.joint),
    runOf("up", maxY - minY, cell.height, cell.joint),
  ];
}

function runOf(axis: "across" | "up", length: number, tile: number, joint: number): ClosedRun {
  const tiles = Math.floor((length + joint + SAME_MM) / (tile + joint));
  const options = [tiles, tiles + 1].flatMap((count) => {
    if (count < 2) return [];
    const needed = (length - count * tile) / (count - 1);
    // A joint as wide as a thumb is no way to close a run: only what is near is told.
    if (needed < 0 || needed > WORTH_TELLING * joint) return [];
    const least = Math.max(LEAST_JOINT, joint * LIMITS.least);
    const within = needed >= least - SAME_MM && needed <= joint * LIMITS.most + SAME_MM;
    return [{ tiles: count, joint: needed, within }];
  });
  const rest = Math.max(0, length - tiles * (tile + joint));
  return { axis, length, tiles, rest, options };
}
