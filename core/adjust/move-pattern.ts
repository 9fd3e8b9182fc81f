import { boxOf } from "../geometry/polygon.ts";
import { SAME_MM, SAME_SUM } from "../limits.ts";
import type { Wall } from "../project/schema.ts";
import type { WallPlan } from "../wall-plan.ts";

/** What a moved pattern, opening or fixture can snap to. */
export type SnapName =
  | "tile"
  | "joint"
  | "equal"
  | "full-course"
  | "item-joint"
  | "item-centre"
  | "item-bay"
  | "item-item";

/** Where a moved pattern comes to rest. */
export interface MovedPattern {
  centre: Wall["centre"];
  drop: number;
  snaps: SnapName[];
}

/** How far the reference tile's middle is right of the centre line now, mm. */
export function currentShift({ cell, centring }: WallPlan): number {
  const { mode, shift = 0 } = centring;
  switch (mode) {
    case "tile":
    case "corner":
      return 0;
    case "joint":
      return (cell.width + cell.joint) / 2;
    case "free":
      return shift;
    default:
      return mode satisfies never;
  }
}

/**
 * Moves a wall's pattern from where `start` has it by dx to the right and dy up, in mm. Within
 * `reach` mm it snaps to a tile or a joint on the centre line, to equal cuts left and right, and
 * to a full first course; `reach` 0 never snaps. The first-course line stays at or below the mark
 * of a full tile at the low point: moved above it, the next course down becomes the first.
 */
export function movePatternBy(
  start: WallPlan,
  startDrop: number,
  dx: number,
  dy: number,
  reach: number,
): MovedPattern {
  if (!start.cell.straight) return moveFreely(start, startDrop, dx, dy);
  const across = snapAcross(start, currentShift(start) + dx, reach);
  const up = snapUp(start, startDrop - dy, reach);
  const about = start.centring.about;
  const snaps = [across.snap, up.snap].filter((snap) => snap !== undefined);
  return {
    centre: { ...across.centre, ...(about === undefined ? {} : { about }) },
    drop: up.drop,
    snaps,
  };
}

/**
 * Bonds without level courses: the first-course mark is kept by steps of the lattice, which leave
 * the bond as it is, and there is nothing to snap to but the centre.
 */
function moveFreely(start: WallPlan, startDrop: number, dx: number, dy: number): MovedPattern {
  const { a, b } = start.cell;
  const step = a.vector[1] > SAME_SUM ? a.vector : b.vector;
  let [shift, drop] = [currentShift(start) + dx, startDrop - dy];
  while (drop < 0) [shift, drop] = [shift - step[0], drop + step[1]];
  while (drop >= step[1]) [shift, drop] = [shift + step[0], drop - step[1]];
  const about = start.centring.about;
  const centre = { mode: "free" as const, shift, ...(about === undefined ? {} : { about }) };
  return { centre, drop, snaps: [] };
}

interface Across {
  centre: Wall["centre"];
  snap?: SnapName;
}

function snapAcross(wall: WallPlan, moved: number, reach: number): Across {
  const { cell, boundary, centre } = wall;
  const shift = withinPeriod(wall, moved);
  const module = cell.width + cell.joint;
  const { minX, maxX } = boxOf(boundary);
  const toMiddle = (minX + maxX) / 2 - centre.x;
  const near = (target: number) => {
    const off = shift - target;
    const least = off - Math.round(off / module) * module;
    return reach > 0 && Math.abs(least) <= reach ? shift - least : undefined;
  };
  const onTile = near(0);
  if (onTile !== undefined) return settled(onTile, 0, "tile");
  const onJoint = near(module / 2);
  if (onJoint !== undefined) return settled(onJoint, module / 2, "joint");
  const equal = near(toMiddle) ?? near(toMiddle + module / 2);
  if (equal !== undefined) return { centre: { mode: "free", shift: equal }, snap: "equal" };
  return { centre: { mode: "free", shift } };
}

/** The named mode where the reference tile itself is there; else the same place, told as a shift. */
function settled(shift: number, named: number, mode: "tile" | "joint"): Across {
  if (Math.abs(shift - named) < SAME_MM) return { centre: { mode }, snap: mode };
  return { centre: { mode: "free", shift }, snap: mode };
}

/**
 * The shift brought back by whole modules where that changes nothing: lying bonds repeat along
 * the course. A standing bond may not, for its columns differ.
 */
function withinPeriod({ cell }: WallPlan, shift: number): number {
  const repeats = cell.a.vector[1] === 0 || (cell.shapes.length === 1 && cell.b.vector[1] === 0);
  if (!repeats) return shift;
  const module = cell.width + cell.joint;
  const reduced = shift - Math.round(shift / module) * module;
  return reduced <= -module / 2 + SAME_SUM ? reduced + module : reduced;
}

function snapUp(
  { cell }: WallPlan,
  moved: number,
  reach: number,
): { drop: number; snap?: SnapName } {
  const module = cell.height + cell.joint;
  const drop = ((moved % module) + module) % module;
  if (reach > 0 && Math.min(drop, module - drop) <= reach) return { drop: 0, snap: "full-course" };
  return { drop };
}
