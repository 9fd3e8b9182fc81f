import { clipHalfPlane, type Point, type Polygon, signedArea } from "../geometry/polygon.ts";
import { mapHeights, type Profile, profilePoints } from "../geometry/profile.ts";
import { SAME_MM } from "../limits.ts";
import { type PlumbLine, shiftLine } from "./corners.ts";
import type { MeasuredLeg, MeasuredShape } from "./shape.ts";

/** What is taken off a wall's region on each side, mm; a number at the base follows its slope. */
export interface OutlineGaps {
  left: number;
  right: number;
  top: number;
  base: number;
  /** Over the floor under a leg; the base's where it is not told. */
  floor?: number;
  /** Lower edge of a field that starts level, at this height instead of base + gap. */
  levelBaseY?: number;
}

const NO_GAPS: OutlineGaps = { left: 0, right: 0, top: 0, base: 0 };

/** Far outside any wall, so that both corners cut the profiles. */
const BEYOND = 500;

/** The wall's region in the plan's frame, with nothing taken off, up to its top. */
export function wallRegion(wall: MeasuredShape): Polygon {
  return outline(wall, NO_GAPS);
}

/**
 * The wall's region with gaps taken off, as a counter-clockwise ring; empty when base and top or
 * the two corners leave nothing between them. A leg drops to the floor past the tub front.
 */
export function outline(wall: MeasuredShape, gaps: OutlineGaps): Polygon {
  if (wall.empty) return [];
  const left = shiftLine(wall.left, gaps.left);
  const right = shiftLine(wall.right, -gaps.right);
  const from = Math.min(0, wall.baseSpan[0]) - BEYOND;
  const to = wall.wall.width.bottom + BEYOND;
  const bottom = bottomEdge(wall, gaps, from, to);
  const top = profilePoints(
    mapHeights(wall.top, (y) => y - gaps.top),
    from,
    to,
  );
  const ring = [...bottom, ...top.reverse()];
  const between = clipRightOf(clipLeftOf(ring, right), left);
  return signedArea(between) > 1 ? tidy(between) : [];
}

function bottomEdge(wall: MeasuredShape, gaps: OutlineGaps, from: number, to: number): Point[] {
  const base: Profile =
    gaps.levelBaseY === undefined
      ? mapHeights(wall.base, (y) => y + gaps.base)
      : [[0, gaps.levelBaseY]];
  if (!wall.leg) return profilePoints(base, from, to);
  return withLeg(base, wall.leg, gaps, from, to);
}

function withLeg(
  base: Profile,
  leg: MeasuredLeg,
  { base: gap, floor: overFloor = gap }: OutlineGaps,
  from: number,
  to: number,
): Point[] {
  const floor = leg.floorY + overFloor;
  if (leg.side === "right") {
    const edge = leg.front + gap;
    return [...profilePoints(base, from, edge), [edge, floor], [to, floor]];
  }
  const edge = leg.front - gap;
  return [[from, floor], [edge, floor], ...profilePoints(base, edge, to)];
}

function clipLeftOf(ring: Polygon, { x0, y0, slope }: PlumbLine): Polygon {
  return clipHalfPlane(ring, 1, -slope, x0 - slope * y0);
}

function clipRightOf(ring: Polygon, { x0, y0, slope }: PlumbLine): Polygon {
  return clipHalfPlane(ring, -1, slope, slope * y0 - x0);
}

/** Drops repeated points, which clipping leaves where a line runs through a corner. */
function tidy(ring: Polygon): Polygon {
  return ring.filter(([x, y], i) => {
    const [px, py] = ring[(i + ring.length - 1) % ring.length] as Point;
    return Math.hypot(x - px, y - py) > SAME_MM;
  });
}

/** The region as it would look with the errors of base, top and corners `factor` times as large. */
export function exaggeratedRegion(wall: MeasuredShape, factor: number): Polygon {
  const middle = (wall.top.reduce((sum, [, y]) => sum + y, 0) || 0) / wall.top.length;
  return wallRegion({
    ...wall,
    base: mapHeights(wall.base, (y) => y * factor),
    top: mapHeights(wall.top, (y) => middle + (y - middle) * factor),
    left: { ...wall.left, slope: wall.left.slope * factor },
    right: { ...wall.right, slope: wall.right.slope * factor },
  });
}
